<?php

declare(strict_types=1);

namespace App\Looks;

use App\Database\Transaction;
use App\Models\Look;
use Ikat\Core\Look\Base;

/** The looks of a storefront: named, duplicated, put away and brought back. None is ever deleted. */
final class KeepLooks
{
    public function __construct(private readonly LookWriter $writer) {}

    public function rename(Look $look, string $name): void
    {
        Transaction::run(static fn(): bool => $look->update(['name' => $name]));
    }

    /** A look of its own with the same state; its journal begins there. */
    public function copy(Look $look, Author $author): Look
    {
        return Transaction::run(function () use ($look, $author): Look {
            $locked = Look::query()->lockForUpdate()->findOrFail($look->id);
            $base = Base::in($locked->ownChanges(), $locked->firstBase());
            $state = $locked->ownChanges();
            $copy = Look::query()->create([
                'storefront_id' => $locked->storefront_id, 'name' => mb_substr("$locked->name, copy", 0, 60),
                'theme' => $base->theme, 'version' => $base->version, 'starter' => $base->starter, 'state' => '{}', 'head' => 0,
            ]);
            $this->writer->write($copy, $author, static fn(): LookPlan => new LookPlan($state->own, "as “{$locked->name}” was"));

            return $copy;
        });
    }

    /** @return ?Look the one worked on last of those that are left; null when it is the only one, and stays */
    public function putAway(Look $look): ?Look
    {
        return Transaction::run(static function () use ($look): ?Look {
            $other = Look::query()
                ->where('storefront_id', $look->storefront_id)
                ->whereNull('put_away_at')
                ->where('id', '<>', $look->id)
                ->orderByDesc('updated_at')
                ->orderBy('id')
                ->lockForUpdate()
                ->first();
            if ($other !== null) {
                $look->update(['put_away_at' => now()]);
            }

            return $other;
        });
    }

    public function bringBack(Look $look): void
    {
        Transaction::run(static fn(): bool => $look->update(['put_away_at' => null]));
    }
}
