<?php

declare(strict_types=1);

namespace Ikat\Core\Color;

/**
 * From sRGB straight to what is asked for most, Oklab, CIE Lab and luminance, for colors within its gamut: the matrices on the way
 * are multiplied beforehand, and the curves need no sign. The same as the way through XYZ but for the last digits.
 */
final class FromSrgb
{
    /** Linear sRGB to the cones of Oklab: Matrices::XYZ_TO_LMS times SRGB_TO_XYZ. */
    public const TO_LMS = [
        0.41222146947076305, 0.5363325372617348, 0.05144599326750221,
        0.21190349581782522, 0.68069955064523435, 0.10739695353694056,
        0.088302459190056429, 0.2817188391361215, 0.62997870167382219,
    ];

    /** Linear sRGB to XYZ relative to D50, as shares of its white: Matrices::D65_TO_D50 times SRGB_TO_XYZ, by the white of CieLab. */
    public const TO_WHITE_D50 = [
        0.45221165824248072, 0.39941225394293389, 0.14837608781458556,
        0.22249317711056527, 0.71688701309448244, 0.060619809794952365,
        0.016875340921386851, 0.11765941425612084, 0.86546524482249243,
    ];

    /**
     * @param ?float $r 0..1, as the other channels
     *
     * @return ?array{float, float, float} Oklab; null where a channel is missing or outside the gamut
     */
    public static function oklab(?float $r, ?float $g, ?float $b): ?array
    {
        if ($r === null || $g === null || $b === null || $r < 0 || $r > 1 || $g < 0 || $g > 1 || $b < 0 || $b > 1) {
            return null;
        }
        $r = $r <= 0.04045 ? $r / 12.92 : (($r + 0.055) / 1.055) ** 2.4;
        $g = $g <= 0.04045 ? $g / 12.92 : (($g + 0.055) / 1.055) ** 2.4;
        $b = $b <= 0.04045 ? $b / 12.92 : (($b + 0.055) / 1.055) ** 2.4;
        [$lr, $lg, $lb, $mr, $mg, $mb, $sr, $sg, $sb] = self::TO_LMS;

        return Matrices::times(Matrices::LMS_TO_OKLAB, [
            ($lr * $r + $lg * $g + $lb * $b) ** (1 / 3),
            ($mr * $r + $mg * $g + $mb * $b) ** (1 / 3),
            ($sr * $r + $sg * $g + $sb * $b) ** (1 / 3),
        ]);
    }

    /**
     * @param ?float $r 0..1, as the other channels
     *
     * @return ?float relative luminance as WCAG 2.2 defines it, 0..1; null where a channel is missing or outside the gamut
     */
    public static function luminance(?float $r, ?float $g, ?float $b): ?float
    {
        if ($r === null || $g === null || $b === null || $r < 0 || $r > 1 || $g < 0 || $g > 1 || $b < 0 || $b > 1) {
            return null;
        }
        $r = $r <= 0.04045 ? $r / 12.92 : (($r + 0.055) / 1.055) ** 2.4;
        $g = $g <= 0.04045 ? $g / 12.92 : (($g + 0.055) / 1.055) ** 2.4;
        $b = $b <= 0.04045 ? $b / 12.92 : (($b + 0.055) / 1.055) ** 2.4;

        return 0.2126 * $r + 0.7152 * $g + 0.0722 * $b;
    }

    /**
     * @param ?float $r 0..1, as the other channels
     *
     * @return ?array{float, float, float} CIE Lab; null where a channel is missing or outside the gamut
     */
    public static function lab(?float $r, ?float $g, ?float $b): ?array
    {
        if ($r === null || $g === null || $b === null || $r < 0 || $r > 1 || $g < 0 || $g > 1 || $b < 0 || $b > 1) {
            return null;
        }
        $r = $r <= 0.04045 ? $r / 12.92 : (($r + 0.055) / 1.055) ** 2.4;
        $g = $g <= 0.04045 ? $g / 12.92 : (($g + 0.055) / 1.055) ** 2.4;
        $b = $b <= 0.04045 ? $b / 12.92 : (($b + 0.055) / 1.055) ** 2.4;
        [$xr, $xg, $xb, $yr, $yg, $yb, $zr, $zg, $zb] = self::TO_WHITE_D50;
        $fx = CieLab::compressed($xr * $r + $xg * $g + $xb * $b);
        $fy = CieLab::compressed($yr * $r + $yg * $g + $yb * $b);
        $fz = CieLab::compressed($zr * $r + $zg * $g + $zb * $b);

        return [116 * $fy - 16, 500 * ($fx - $fy), 200 * ($fy - $fz)];
    }
}
