<?php

declare(strict_types=1);

namespace App\Storeroom;

use Ikat\Core\Store\Outline;
use Ikat\Core\Store\RecordKind;
use Ikat\Core\Store\RecordKinds;
use Ikat\Core\Store\RefusedChange;
use Illuminate\Database\Query\Builder;

/** Moves a record one place in the order that is set by hand, among those it is listed with. */
final class MoveRecord
{
    /** Column by which records are listed apart: entries by their menu, products by their category. */
    private const APART = ['menu_id', 'category_id'];

    public function __construct(private readonly RecordRows $rows) {}

    /**
     * @param int $by places: below 0 for earlier; anything but an entry of a menu goes one alone
     *
     * @return list<RecordWish> none where it is at the end already
     *
     * @throws RefusedChange when the kind has no order, or the record is gone
     */
    public function wishes(RecordKind $kind, int $id, int $by): array
    {
        $row = $this->rows->query($kind)->where('id', $id)->first();
        if ($kind->place === '' || $row === null) {
            throw new RefusedChange("This $kind->one cannot be moved: it is gone, or its kind has no order of its own.");
        }
        $among = $this->rows->query($kind);
        foreach (self::APART as $column) {
            if (isset($kind->columns[$column])) {
                $among->where($column, $row->{$column});
            }
        }
        if ($kind->key === RecordKinds::ENTRIES) {
            return $this->withWhatBelongsToIt($kind, $among, $id, $by);
        }
        [$sign, $order] = $by < 0 ? ['<', 'desc'] : ['>', 'asc'];
        $place = (int) $row->{$kind->place};
        $other = $among->clone()
            ->where(static fn($q) => $q->where($kind->place, $sign, $place)->orWhere(
                static fn($same) => $same->where($kind->place, $place)->where('id', $sign, $id),
            ))
            ->orderBy($kind->place, $order)->orderBy('id', $order)->first();
        if ($other === null) {
            return [];
        }
        $wish = static fn(int $of, int $to): RecordWish => new RecordWish($kind->key, $of, [$kind->place => (string) $to]);
        $there = (int) $other->{$kind->place};
        if ($there !== $place) {
            return [$wish($id, $there), $wish((int) $other->id, $place)];
        }
        // Several stand at one place: all of them are numbered anew, with the two exchanged.
        $ids = array_map(intval(...), $among->orderBy($kind->place)->orderBy('id')->limit(RecordLister::MOST)->pluck('id')->all());
        [$a, $b] = [array_search($id, $ids, true), array_search((int) $other->id, $ids, true)];
        [$ids[$a], $ids[$b]] = [$ids[$b], $ids[$a]];

        return array_map($wish, $ids, array_keys($ids));
    }

    /** @return list<RecordWish> */
    private function withWhatBelongsToIt(RecordKind $kind, Builder $among, int $id, int $by): array
    {
        $levels = $among->orderBy($kind->place)->orderBy('id')->limit(RecordLister::MOST)->pluck('level', 'id')->all();
        $were = $ids = array_keys($levels);
        $levels = array_map(intval(...), array_values($levels));
        for ($left = abs($by); $left > 0; $left--) {
            $order = Outline::moved($levels, (int) array_search($id, $ids, true), $by <=> 0);
            $ids = array_map(static fn(int $was): int => $ids[$was], $order);
            $levels = array_map(static fn(int $was): int => $levels[$was], $order);
        }

        return $ids === $were ? [] : array_map(
            static fn(int $place, int $of): RecordWish => new RecordWish($kind->key, $of, [$kind->place => (string) $place]),
            array_keys($ids),
            $ids,
        );
    }
}
