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

    /** The display's curve, a plain power: what CSS Color 4 means by rec2020 since its 2025 drafts. */
    public static function rec2020ToLinear(float $v): float
    {
        return self::signed($v, abs($v) ** 2.4);
    }

    public static function linearToRec2020(float $v): float
    {
        return self::signed($v, abs($v) ** (1 / 2.4));
    }

    private static function signed(float $v, float $magnitude): float
    {
        return $v < 0 ? -$magnitude : $magnitude;
    }
}
