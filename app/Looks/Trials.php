<?php

declare(strict_types=1);

namespace App\Looks;

use App\Models\Look;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Date;

/** What may be tried on in the shop window without an edit: changes kept for a day under a key made of them. */
final class Trials
{
    /** That a trial can be had at least, and that it is kept: one that is offered again within is not written again. */
    private const SECONDS = 86_400;
    private const KEPT = 2 * self::SECONDS;

    /** @var array<string, array<string, bool|float|string|null>> */
    private array $offered = [];

    public function __construct(private readonly LookReader $looks) {}

    /**
     * The key under which changes can be tried on once what was offered is kept: a view that offers them writes nothing.
     *
     * @param array<string, bool|float|string|null> $changes path => value
     */
    public function offer(Look $look, array $changes): string
    {
        $key = $this->looks->trialKey($look, $changes);
        $this->offered[$this->key($look, $key)] = $changes;

        return $key;
    }

    /** Keeps what was offered and is not kept for long enough already. */
    public function keepOffered(): void
    {
        $now = Date::now()->getTimestamp();
        $new = array_filter(
            Cache::many(array_keys($this->offered)),
            static fn(mixed $kept): bool => ! is_array($kept) || ($kept['since'] ?? 0) < $now - self::SECONDS,
        );
        if ($new !== []) {
            Cache::putMany(array_map(
                static fn(array $changes): array => ['since' => $now, 'changes' => $changes],
                array_intersect_key($this->offered, $new),
            ), self::KEPT);
        }
        $this->offered = [];
    }

    /** @return ?array<string, bool|float|string|null> */
    public function changes(Look $look, string $trial): ?array
    {
        $found = Cache::get($this->key($look, $trial));
        $changes = is_array($found) ? $found['changes'] ?? null : null;

        return is_array($changes) ? $changes : null;
    }

    private function key(Look $look, string $trial): string
    {
        return "trial $look->store_id $look->id $trial";
    }
}
