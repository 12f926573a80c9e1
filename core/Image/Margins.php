<?php

declare(strict_types=1);

namespace Ikat\Core\Image;

/** Finds the empty margins of a picture: clear ones, or ones of the color all four corners share. */
final class Margins
{
    /** Greatest difference of a channel, 0..255, that is still the same paper: compression leaves that much. */
    private const TOLERANCE = 14;
    private const CLEAR = 12;

    /** @return ?array{int, int, int, int} x, y, width and height of what is drawn; null when the picture is empty */
    public static function drawn(PixelGrid $pixels): ?array
    {
        $right = $pixels->width() - 1;
        $bottom = $pixels->height() - 1;
        $corner = $pixels->argb(0, 0);
        $isPaper = true;
        foreach ([[$right, 0], [0, $bottom], [$right, $bottom]] as [$x, $y]) {
            $isPaper = $isPaper && self::isSame($corner, $pixels->argb($x, $y));
        }
        $isEmpty = static fn(int $pixel): bool => ($pixel >> 24 & 255) < self::CLEAR || ($isPaper && self::isSame($corner, $pixel));
        $isRowEmpty = static function (int $y, int $from, int $to) use ($pixels, $isEmpty): bool {
            for ($x = $from; $x <= $to; $x++) {
                if (! $isEmpty($pixels->argb($x, $y))) {
                    return false;
                }
            }

            return true;
        };
        $isColumnEmpty = static function (int $x, int $from, int $to) use ($pixels, $isEmpty): bool {
            for ($y = $from; $y <= $to; $y++) {
                if (! $isEmpty($pixels->argb($x, $y))) {
                    return false;
                }
            }

            return true;
        };
        $top = 0;
        while ($top <= $bottom && $isRowEmpty($top, 0, $right)) {
            $top++;
        }
        if ($top > $bottom) {
            return null;
        }
        while ($isRowEmpty($bottom, 0, $right)) {
            $bottom--;
        }
        $left = 0;
        while ($isColumnEmpty($left, $top, $bottom)) {
            $left++;
        }
        while ($isColumnEmpty($right, $top, $bottom)) {
            $right--;
        }

        return [$left, $top, $right - $left + 1, $bottom - $top + 1];
    }

    private static function isSame(int $a, int $b): bool
    {
        return abs(($a >> 24 & 255) - ($b >> 24 & 255)) <= self::TOLERANCE && abs(($a >> 16 & 255) - ($b >> 16 & 255)) <= self::TOLERANCE
            && abs(($a >> 8 & 255) - ($b >> 8 & 255)) <= self::TOLERANCE && abs(($a & 255) - ($b & 255)) <= self::TOLERANCE;
    }
}
