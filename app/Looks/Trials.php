<?php

declare(strict_types=1);

namespace App\Looks;

use App\Models\Look;
use Illuminate\Support\Facades\Cache;

/** What may be tried on in the shop window without an edit: changes kept for a day under a key made of them. */
final class Trials
{
    private const SECONDS = 86400;

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

    /** Keeps what was offered, in one write. */
    public function keepOffered(): void
    {
        if ($this->offered !== []) {
            Cache::putMany($this->offered, self::SECONDS);
            $this->offered = [];
        }
    }

    /** @return ?array<string, bool|float|string|null> */
    public function changes(Look $look, string $trial): ?array
    {
        $found = Cache::get($this->key($look, $trial));

        return is_array($found) ? $found : null;
    }

    private function key(Look $look, string $trial): string
    {
        return "trial $look->store_id $look->id $trial";
    }
}
