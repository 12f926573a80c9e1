<?php

declare(strict_types=1);

namespace App\Fonts;

use App\Models\Edit;
use App\Models\Look;
use App\Models\MarkedFamily;
use Ikat\Core\Look\Change;
use Ikat\Core\Type\FontShelf;

/** Families that somebody chose before: those of the look's last edits, and those that were marked in the store. */
final class FamilyHistory
{
    /** Edits that are looked through, the latest first, and families that are remembered of them. */
    private const EDITS = 80;
    private const FAMILIES = 8;

    /** @return list<string> keys, the latest first */
    public function recent(Look $look): array
    {
        $found = [];
        foreach ($look->edits()->orderByDesc('sequence')->limit(self::EDITS)->get() as $edit) {
            foreach (self::chosenIn($edit) as $key) {
                $found[$key] = $key;
            }
        }

        return array_slice(array_values($found), 0, self::FAMILIES);
    }

    /** @return list<string> keys, the latest first */
    public function marked(): array
    {
        return array_values(array_filter(
            MarkedFamily::query()->orderByDesc('id')->pluck('family')->all(),
            static fn(string $key): bool => isset(FontShelf::all()[$key]),
        ));
    }

    /** @return list<string> keys of families that an edit brought or took away */
    private static function chosenIn(Edit $edit): array
    {
        $keys = array_merge([], ...array_map(
            static fn(Change $c): array => str_ends_with($c->path, '.family') ? [$c->after, $c->before] : [],
            $edit->entry()->changes,
        ));

        return array_values(array_filter($keys, static fn(mixed $key): bool => is_string($key) && isset(FontShelf::all()[$key])));
    }
}
