<?php

declare(strict_types=1);

namespace Ikat\Core\Color;

/**
 * Transfer curves between encoded and linear light, one pair a curve.
 *
 * Source: CSS Color Module Level 4, section 18. All are odd-symmetric, so values outside 0..1 survive a round trip.
 */
final class Transfer
{
    private const REC2020_ALPHA = 1.09929682680944;
    private const REC2020_BETA = 0.018053968510807;

    public static function srgbToLinear(float $v): float
    {
        $a = abs($v);
        if ($a <= 0.04045) {
            return $v / 12.92;
        }
        $r = (($a + 0.055) / 1.055) ** 2.4;

        return $v < 0 ? -$r : $r;
    }

    public static function linearToSrgb(float $v): float
    {
        $a = abs($v);
        if ($a <= 0.0031308) {
            return $v * 12.92;
        }
        $r = 1.055 * $a ** (1 / 2.4) - 0.055;

        return $v < 0 ? -$r : $r;
    }

    public static function a98ToLinear(float $v): float
    {
        return self::signed($v, abs($v) ** (563 / 256));
    }

    public static function linearToA98(float $v): float
    {
        return self::signed($v, abs($v) ** (256 / 563));
    }

    public static function prophotoToLinear(float $v): float
    {
        return abs($v) <= 16 / 512 ? $v / 16 : self::signed($v, abs($v) ** 1.8);
    }

    public static function linearToProphoto(float $v): float
    {
        return abs($v) >= 1 / 512 ? self::signed($v, abs($v) ** (1 / 1.8)) : $v * 16;
    }

    /**
     * The camera's curve of ITU-R BT.2020-2, table 4, with the constants CSS Color 4 gave it in its Candidate Recommendation.
     *
     * Drafts since 2025 mean the display's curve instead, a plain power of 2.4; browsers paint this one, and what is measured is what is
     * painted.
     */
    public static function rec2020ToLinear(float $v): float
    {
        $a = abs($v);

        return $a < self::REC2020_BETA * 4.5
            ? $v / 4.5
            : self::signed($v, (($a + self::REC2020_ALPHA - 1) / self::REC2020_ALPHA) ** (1 / 0.45));
    }

    public static function linearToRec2020(float $v): float
    {
        $a = abs($v);

        return $a < self::REC2020_BETA ? $v * 4.5 : self::signed($v, self::REC2020_ALPHA * $a ** 0.45 - (self::REC2020_ALPHA - 1));
    }

    private static function signed(float $v, float $magnitude): float
    {
        return $v < 0 ? -$magnitude : $magnitude;
    }
}
