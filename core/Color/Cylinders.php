<?php

declare(strict_types=1);

namespace Ikat\Core\Color;

/** Rectangular to polar forms, and hsl() and hwb(). Source: CSS Color Module Level 4, sections 7, 8 and 18. */
final class Cylinders
{
    /** Below this an hsl or hwb color is a gray, and its hue means nothing. */
    private const GRAY = 1e-9;

    /**
     * @param array{float, float, float} $lch
     *
     * @return array{float, float, float}
     */
    public static function toRectangular(array $lch): array
    {
        $h = $lch[2] * M_PI / 180;

        return [$lch[0], $lch[1] * cos($h), $lch[1] * sin($h)];
    }

    /**
     * @param array{float, float, float} $lab
     * @param float $grayBelow chroma under which the hue is null
     *
     * @return array{float, float, ?float} hue 0..360
     */
    public static function toPolar(array $lab, float $grayBelow): array
    {
        $chroma = sqrt($lab[1] * $lab[1] + $lab[2] * $lab[2]);
        if ($chroma < $grayBelow) {
            return [$lab[0], $chroma, null];
        }
        $hue = atan2($lab[2], $lab[1]) * 180 / M_PI;

        return [$lab[0], $chroma, $hue < 0 ? $hue + 360 : $hue];
    }

    /**
     * @param array{float, float, float} $hsl
     *
     * @return array{float, float, float}
     */
    public static function hslToSrgb(array $hsl): array
    {
        $s = $hsl[1] / 100;
        $l = $hsl[2] / 100;
        $a = $s * min($l, 1 - $l);
        $at = static function (float $n) use ($hsl, $l, $a): float {
            $k = fmod($n + $hsl[0] / 30, 12);
            $k = $k < 0 ? $k + 12 : $k;

            return $l - $a * max(-1, min($k - 3, 9 - $k, 1));
        };

        return [$at(0), $at(8), $at(4)];
    }

    /**
     * @param array{float, float, float} $rgb
     *
     * @return array{?float, float, float}
     */
    public static function srgbToHsl(array $rgb): array
    {
        [$r, $g, $b] = $rgb;
        $max = max($r, $g, $b);
        $min = min($r, $g, $b);
        $l = ($min + $max) / 2;
        $d = $max - $min;
        if ($d < self::GRAY) {
            return [null, 0.0, $l * 100];
        }
        $s = ($l === 0.0 || $l === 1.0) ? 0.0 : ($max - $l) / min($l, 1 - $l);
        $h = self::hue($r, $g, $b, $max, $d);
        // Colors outside the gamut can come out with a negative saturation; turning the hue makes it positive (CSS Color 4, 18).
        if ($s < 0) {
            $h += 180;
            $s = abs($s);
        }

        return [$h >= 360 ? $h - 360 : $h, $s * 100, $l * 100];
    }

    /**
     * @param array{float, float, float} $hwb
     *
     * @return array{float, float, float}
     */
    public static function hwbToSrgb(array $hwb): array
    {
        $w = $hwb[1] / 100;
        $b = $hwb[2] / 100;
        if ($w + $b >= 1) {
            $gray = $w / ($w + $b);

            return [$gray, $gray, $gray];
        }

        return array_map(static fn(float $v): float => $v * (1 - $w - $b) + $w, self::hslToSrgb([$hwb[0], 100, 50]));
    }

    /**
     * @param array{float, float, float} $rgb
     *
     * @return array{?float, float, float}
     */
    public static function srgbToHwb(array $rgb): array
    {
        $max = max($rgb);
        $min = min($rgb);
        $hue = $max - $min < self::GRAY ? null : self::hue($rgb[0], $rgb[1], $rgb[2], $max, $max - $min);

        return [$hue, $min * 100, (1 - $max) * 100];
    }

    private static function hue(float $r, float $g, float $b, float $max, float $d): float
    {
        return 60 * match ($max) {
            $r => ($g - $b) / $d + ($g < $b ? 6 : 0),
            $g => ($b - $r) / $d + 2,
            default => ($r - $g) / $d + 4,
        };
    }
}
