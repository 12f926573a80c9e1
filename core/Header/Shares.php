<?php

declare(strict_types=1);

namespace Ikat\Core\Header;

/**
 * How the three places of a row share its width.
 *
 * Source: CSS Grid Layout Level 2, track sizing (12.5 to 12.7), for the columns that the shop's stylesheet gives the row: the sides share
 * what the middle leaves, at least as wide as what cannot give way; the place with the menu gives way.
 */
final class Shares
{
    /**
     * @param float $room of the row, px
     * @param float $gap between two places, px
     * @param float $start px that each place would take
     * @param ?float $middle null where nothing stands in the middle
     * @param ?string $soft the place that gives way
     * @param float $softLeast px that it takes all the same
     *
     * @return array{start: float, middle: float, end: float, over: float} px; over is what they have too little together
     */
    public static function of(
        float $room,
        float $gap,
        float $start,
        ?float $middle,
        float $end,
        ?string $soft,
        float $softLeast = 0.0,
    ): array {
        // A place with nothing in it can stand outside.
        $last = $end > 0 ? 0.0 : $gap;
        if ($middle === null) {
            $room -= $gap;
            // Two columns: one keeps what it needs, the other has the rest.
            [$left, $right] = match ($soft) {
                'end' => [$start, max($softLeast, $room - $start)],
                'start' => [max($softLeast, $room - $end), $end],
                default => [max($start, $room - $end), $end],
            };

            return ['start' => $left, 'middle' => 0.0, 'end' => $right, 'over' => max(0.0, $left + $right - $room - $last)];
        }
        $room -= 2 * $gap;
        $least = ['start' => $soft === 'start' ? $softLeast : $start, 'end' => $soft === 'end' ? $softLeast : $end];
        $middle = $soft === 'middle' ? max($softLeast, min($middle, $room - array_sum($least))) : $middle;
        $left = max(0.0, $room - $middle);
        $half = $left / 2;
        // A side that needs more than its half has what it needs, and the other what is left.
        [$from, $to] = match (true) {
            $least['start'] > $half => [$least['start'], max($least['end'], $left - $least['start'])],
            $least['end'] > $half => [max($least['start'], $left - $least['end']), $least['end']],
            default => [$half, $half],
        };

        return ['start' => $from, 'middle' => $middle, 'end' => $to, 'over' => max(0.0, $from + $middle + $to - $room - $last)];
    }
}
