<?php

declare(strict_types=1);

namespace Ikat\Core\Color;

/**
 * The CIEDE2000 color difference with all weights 1.
 *
 * Source: Sharma, Wu and Dalal, "The CIEDE2000 color-difference formula: implementation notes, supplementary test data,
 * and mathematical observations", Color Research and Application 30(1), 2005.
 */
final class Ciede2000
{
    private const DEGREE = M_PI / 180;

    /** @return float 0 for equal colors; about 1 is just visible side by side */
    public static function difference(Color $a, Color $b): float
    {
        return self::ofLab($a->lab(), $b->lab());
    }

    /**
     * @param array{float, float, float} $x CIE Lab
     * @param array{float, float, float} $y
     */
    public static function ofLab(array $x, array $y): float
    {
        [$l1, $a1, $b1] = $x;
        [$l2, $a2, $b2] = $y;
        $meanC = (sqrt($a1 * $a1 + $b1 * $b1) + sqrt($a2 * $a2 + $b2 * $b2)) / 2;
        $c3 = $meanC * $meanC * $meanC;
        $c7 = $c3 * $c3 * $meanC;
        $stretch = 1.5 - 0.5 * sqrt($c7 / ($c7 + 6103515625.0)); // 25^7
        $a1 *= $stretch;
        $a2 *= $stretch;
        $c1 = sqrt($a1 * $a1 + $b1 * $b1);
        $c2 = sqrt($a2 * $a2 + $b2 * $b2);
        $h1 = self::hue($a1, $b1);
        $h2 = self::hue($a2, $b2);

        $deltaHue = $h2 - $h1;
        $sumHue = $h1 + $h2;
        $gray = $c1 * $c2 === 0.0;
        if ($gray) {
            $deltaHue = 0.0;
            $meanH = $sumHue;
        } else {
            $far = abs($deltaHue) > M_PI;
            $meanH = $far ? ($sumHue + ($sumHue < 2 * M_PI ? 2 * M_PI : -2 * M_PI)) / 2 : $sumHue / 2;
            $deltaHue += $far ? ($deltaHue > 0 ? -2 * M_PI : 2 * M_PI) : 0.0;
        }
        $deltaH = 2 * sqrt($c1 * $c2) * sin($deltaHue / 2);

        $meanL = ($l1 + $l2) / 2 - 50;
        $meanC = ($c1 + $c2) / 2;
        $t = 1 - 0.17 * cos($meanH - 30 * self::DEGREE) + 0.24 * cos(2 * $meanH)
            + 0.32 * cos(3 * $meanH + 6 * self::DEGREE) - 0.20 * cos(4 * $meanH - 63 * self::DEGREE);
        $sl = 1 + 0.015 * $meanL * $meanL / sqrt(20 + $meanL * $meanL);
        $sc = 1 + 0.045 * $meanC;
        $sh = 1 + 0.015 * $meanC * $t;
        $turn = ($meanH / self::DEGREE - 275) / 25;
        $c3 = $meanC * $meanC * $meanC;
        $c7 = $c3 * $c3 * $meanC;
        $rt = -sin(60 * self::DEGREE * exp(-$turn * $turn)) * 2 * sqrt($c7 / ($c7 + 6103515625.0));

        $dl = ($l2 - $l1) / $sl;
        $dc = ($c2 - $c1) / $sc;
        $dh = $deltaH / $sh;

        return sqrt(max(0.0, $dl * $dl + $dc * $dc + $dh * $dh + $rt * $dc * $dh));
    }

    /** @return float radians 0..2π; 0 for a gray */
    private static function hue(float $a, float $b): float
    {
        if ($a === 0.0 && $b === 0.0) {
            return 0.0;
        }
        $h = atan2($b, $a);

        return $h < 0 ? $h + 2 * M_PI : $h;
    }
}
