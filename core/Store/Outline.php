<?php

declare(strict_types=1);

namespace Ikat\Core\Store;

/** Entries one after another, each on a level: it belongs to the last before it that stands less deep. */
final class Outline
{
    /**
     * The order after an entry, with all that belongs to it, has changed places with the one beside it on its level.
     *
     * @param list<int> $levels from 1
     * @param int $at of the entry that moves
     * @param int $by -1 for earlier, 1 for later
     *
     * @return list<int> where each stood before; as it was where nothing stands beside it
     */
    public static function moved(array $levels, int $at, int $by): array
    {
        $order = array_keys($levels);
        $end = self::end($levels, $at);
        if ($by > 0) {
            return ($levels[$end] ?? 0) < $levels[$at] ? $order : self::exchanged($order, $at, $end, self::end($levels, $end));
        }
        $before = $at - 1;
        while (($levels[$before] ?? 0) > $levels[$at]) {
            $before--;
        }

        return ($levels[$before] ?? 0) < $levels[$at] ? $order : self::exchanged($order, $before, $at, $end);
    }

    /**
     * The levels that the rest has when some entries go: what belonged to them comes up in their place.
     *
     * @param list<int> $levels
     * @param list<int> $gone of those that go
     *
     * @return array<int, int> where it stood => its level, of those that come up
     */
    public static function risen(array $levels, array $gone): array
    {
        [$risen, $above] = [[], []];
        foreach ($levels as $at => $level) {
            $above = array_filter($above, static fn(int $of): bool => $levels[$of] < $level);
            $by = count(array_intersect($above, $gone));
            if ($by > 0 && ! in_array($at, $gone, true)) {
                $risen[$at] = max(1, $level - $by);
            }
            $above[] = $at;
        }

        return $risen;
    }

    /** @param list<int> $levels */
    private static function end(array $levels, int $at): int
    {
        $end = $at + 1;
        while (($levels[$end] ?? 0) > $levels[$at]) {
            $end++;
        }

        return $end;
    }

    /**
     * @param list<int> $order
     *
     * @return list<int> with what stands from $a until $b after what stands from $b until $c
     */
    private static function exchanged(array $order, int $a, int $b, int $c): array
    {
        return [
            ...array_slice($order, 0, $a), ...array_slice($order, $b, $c - $b), ...array_slice($order, $a, $b - $a),
            ...array_slice($order, $c),
        ];
    }
}
