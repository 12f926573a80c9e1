<?php

declare(strict_types=1);

namespace Ikat\Core\Header;

/** Things put into lines one after the other, as a row that wraps does. Source: CSS Flexible Box Layout Level 1, 9.3. */
final class Lines
{
    private const SLACK = 1 / 64;

    /**
     * @param list<float> $widths px
     * @param float $gap between two in a line, px
     * @param float $room of a line, px
     *
     * @return list<non-empty-list<int>> numbers of the things in each line
     */
    public static function of(array $widths, float $gap, float $room): array
    {
        $lines = [];
        $taken = 0.0;
        foreach ($widths as $i => $width) {
            if ($lines !== [] && $taken + $gap + $width <= $room + self::SLACK) {
                $lines[count($lines) - 1][] = $i;
                $taken += $gap + $width;
            } else {
                $lines[] = [$i];
                $taken = $width;
            }
        }

        return $lines;
    }
}
