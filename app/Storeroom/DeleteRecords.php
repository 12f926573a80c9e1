<?php

declare(strict_types=1);

namespace App\Storeroom;

use Ikat\Core\Store\Outline;
use Ikat\Core\Store\RecordKind;
use Ikat\Core\Store\RecordKinds;

/** What deleting records asks for, with what it does to those that belonged to them. */
final class DeleteRecords
{
    public function __construct(private readonly RecordRows $rows) {}

    /**
     * @param list<int> $ids
     *
     * @return list<RecordWish>
     */
    public function wishes(RecordKind $kind, array $ids): array
    {
        $wishes = array_map(static fn(int $id): RecordWish => new RecordWish($kind->key, $id, isDeleted: true), $ids);
        if ($kind->key !== RecordKinds::ENTRIES) {
            return $wishes;
        }
        $menus = $this->rows->query($kind)->whereIn('id', $ids)->distinct()->pluck('menu_id')->all();
        foreach ($menus as $menu) {
            $levels = $this->rows->query($kind)->where('menu_id', $menu)->orderBy('position')->orderBy('id')->pluck('level', 'id')->all();
            $there = array_keys($levels);
            $gone = array_keys(array_intersect($there, $ids));
            foreach (Outline::risen(array_map(intval(...), array_values($levels)), $gone) as $at => $level) {
                $wishes[] = new RecordWish($kind->key, $there[$at], ['level' => (string) $level]);
            }
        }

        return $wishes;
    }
}
