<?php

declare(strict_types=1);

namespace App\Looks;

use App\Database\Transaction;
use App\Models\Keepsake;
use App\Models\Look;

/** Gives a point of the journal a name to be found by, another name, or takes it away. */
final class NamePoint
{
    /** Named points a look may have: they stand in one list. */
    private const MOST = 60;

    /**
     * @param int $sequence the line after which it stands
     * @param string $name empty to take it away
     *
     * @throws UnnamedPoint when there is no such point, or no more can be named
     */
    public function __invoke(Look $look, int $sequence, string $name, Author $author): void
    {
        $name = mb_substr(trim((string) preg_replace('/\s+/u', ' ', $name)), 0, Keepsake::LONGEST);
        Transaction::run(static function () use ($look, $sequence, $name, $author): void {
            $locked = Look::query()->lockForUpdate()->findOrFail($look->id);
            if ($sequence > $locked->head) {
                throw new UnnamedPoint('There is no such point in the journal. Pick one on the thread.');
            }
            $found = $locked->keepsakes()->firstWhere('sequence', $sequence);
            if ($name === '') {
                $found?->delete();
            } elseif ($found !== null) {
                $found->update(['name' => $name]);
            } elseif ($locked->keepsakes()->count() >= self::MOST) {
                throw new UnnamedPoint('A look has at most '.self::MOST.' named points. Take the name off one that is not needed any '
                    .'more.');
            } else {
                $locked->keepsakes()->create(['sequence' => $sequence, 'name' => $name, 'author' => $author->name]);
            }
        });
    }
}
