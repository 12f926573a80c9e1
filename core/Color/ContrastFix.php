<?php

declare(strict_types=1);

namespace Ikat\Core\Color;

/**
 * Finds the least visible change of one color that meets a contrast ratio against another.
 *
 * The hue (OKLCH) stays; lightness and chroma move. Every color of one hue with the wanted luminance lies on a curve
 * from gray to the gamut's edge: the curve is walked by chroma, lightness found by bisection, and the point with the
 * smallest CIEDE2000 from the original kept. Rounding to 8 bits can lose the ratio, so the neighbours of that point
 * are tried too and the best one that really passes is returned.
 */
final class ContrastFix
{
    private const CHROMA_STEPS = 40;
    private const REFINEMENTS = 3;
    /** sRGB steps searched around the best point on every channel. */
    private const NEIGHBOURHOOD = 2;
    /** Luminance beyond a rim. */
    private const FURTHER = [0.0, 0.004, 0.015, 0.04];

    /**
     * @param float $ratio 1..21
     *
     * @return ?Color an opaque 8-bit sRGB color, or null when no color of this hue can reach the ratio
     */
    public static function nearest(Color $color, Color $against, float $ratio): ?Color
    {
        $against = $against->alpha < 1 ? Compositing::over($against, Color::in(ColorSpace::Srgb, 1, 1, 1)) : $against->shown();
        $color = $color->alpha < 1 ? Compositing::over($color, $against) : $color->shown();
        if (Contrast::ratio(self::rounded($color), $against) >= $ratio) {
            return self::rounded($color);
        }

        return self::meeting($color, [[$against, $ratio]]);
    }

    /**
     * The same for a color that meets several others at once: every demand holds afterwards.
     *
     * Each demand forbids an interval of luminance about the other color's; where the intervals join, what lies between is
     * forbidden too. The nearest colors that hold are on the rims of the interval the color is in.
     *
     * @param Color $color opaque
     * @param list<array{Color, float}> $demands the other color, opaque, and the ratio wanted
     *
     * @return ?Color null when no color of this hue can hold all of them
     */
    public static function meeting(Color $color, array $demands): ?Color
    {
        $passes = static function (Color $candidate) use ($demands): bool {
            foreach ($demands as [$other, $ratio]) {
                if (Contrast::ratio($candidate, $other) < $ratio) {
                    return false;
                }
            }

            return true;
        };
        if ($passes(self::rounded($color))) {
            return self::rounded($color);
        }
        $best = null;
        foreach (self::rims(Contrast::luminance($color), $demands) as $side => $rim) {
            // Near black and white few colors of a hue are left among 8 bits: then a little further on, and at last the end itself.
            foreach (self::FURTHER as $step) {
                $luminance = $side === 0 ? $rim - $step : $rim + $step;
                $found = $luminance < 0 || $luminance > 1 ? null : self::onCurve($color, $luminance, $passes);
                if ($found !== null) {
                    break;
                }
            }
            $end = Color::fromRgbInteger($side === 0 ? 0 : 0xFFFFFF);
            $found ??= $passes($end) ? [$end, Ciede2000::difference($color, $end)] : null;
            if ($found !== null && ($best === null || $found[1] < $best[1])) {
                $best = $found;
            }
        }

        return $best[0] ?? null;
    }

    /**
     * @param list<array{Color, float}> $demands
     *
     * @return array{float, float} the rims of what is forbidden around a luminance; beyond 0..1 where nothing is left on that side
     */
    private static function rims(float $luminance, array $demands): array
    {
        $forbidden = array_map(static function (array $demand): array {
            $y = Contrast::luminance($demand[0]) + 0.05;

            return [$y / $demand[1] - 0.05, $y * $demand[1] - 0.05];
        }, $demands);
        sort($forbidden);
        $joined = [];
        foreach ($forbidden as [$from, $to]) {
            $last = count($joined) - 1;
            if ($last >= 0 && $from <= $joined[$last][1]) {
                $joined[$last][1] = max($joined[$last][1], $to);
            } else {
                $joined[] = [$from, $to];
            }
        }
        foreach ($joined as [$from, $to]) {
            // A hair's breadth beside it is inside: 8 bits a channel cannot stand exactly on a rim.
            if ($luminance > $from - 0.01 && $luminance < $to + 0.01) {
                return [$from, $to];
            }
        }

        return [$luminance, $luminance];
    }

    /**
     * @param callable(Color): bool $passes
     *
     * @return ?array{Color, float} the color and its CIEDE2000 from the original
     */
    private static function onCurve(Color $original, float $luminance, callable $passes): ?array
    {
        [, $chroma, $hue] = $original->to(ColorSpace::Oklch)->coordinates();
        $lab = $original->to(ColorSpace::Lab)->numbers();
        $top = $hue === null ? 0.0 : max($chroma ?? 0.0, 0.02) * 1.3;
        $from = 0.0;
        $best = [INF, 0.0, 0.0];
        for ($round = 0; $round < self::REFINEMENTS; $round++) {
            $step = ($top - $from) / self::CHROMA_STEPS;
            for ($i = 0; $i <= self::CHROMA_STEPS; $i++) {
                $c = $from + $i * $step;
                $l = self::lightnessFor($luminance, $c, $hue ?? 0.0);
                if ($l === null) {
                    continue;
                }
                $d = Ciede2000::ofLab($lab, Color::in(ColorSpace::Oklch, $l, $c, $hue)->to(ColorSpace::Lab)->numbers());
                if ($d < $best[0]) {
                    $best = [$d, $l, $c];
                }
                if ($top === 0.0) {
                    break;
                }
            }
            $from = max(0.0, $best[2] - $step);
            $top = $best[2] + $step;
        }

        return $best[0] === INF ? null : self::rounding(Color::in(ColorSpace::Oklch, $best[1], $best[2], $hue), $lab, $passes);
    }

    /** OKLCH lightness at which a chroma and hue have a luminance, or null when that color is outside sRGB. */
    private static function lightnessFor(float $luminance, float $chroma, float $hue): ?float
    {
        $h = $hue * M_PI / 180;
        $a = $chroma * cos($h);
        $b = $chroma * sin($h);
        $low = 0.0;
        $high = 1.0;
        $rgb = [0.0, 0.0, 0.0];
        for ($i = 0; $i < 26; $i++) {
            $middle = ($low + $high) / 2;
            $rgb = Matrices::times(Matrices::XYZ_TO_SRGB, OklabConversion::toXyz([$middle, $a, $b]));
            if (0.2126 * $rgb[0] + 0.7152 * $rgb[1] + 0.0722 * $rgb[2] < $luminance) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return min($rgb) < -0.0005 || max($rgb) > 1.0005 ? null : ($low + $high) / 2;
    }

    /**
     * @param array{float, float, float} $lab of the original
     * @param callable(Color): bool $passes
     *
     * @return ?array{Color, float}
     */
    private static function rounding(Color $near, array $lab, callable $passes): ?array
    {
        [$r, $g, $b] = array_map(static fn(float $v): int => (int) round($v * 255), $near->shown()->numbers());
        $hue = $near->to(ColorSpace::Oklab)->numbers();
        $best = null;
        $n = self::NEIGHBOURHOOD;
        for ($dr = -$n; $dr <= $n; $dr++) {
            for ($dg = -$n; $dg <= $n; $dg++) {
                for ($db = -$n; $db <= $n; $db++) {
                    $candidate = self::eightBit($r + $dr, $g + $dg, $b + $db);
                    if ($candidate === null || ! self::keepsHue($candidate, $hue) || ! $passes($candidate)) {
                        continue;
                    }
                    $d = Ciede2000::ofLab($lab, $candidate->to(ColorSpace::Lab)->numbers());
                    if ($best === null || $d < $best[1]) {
                        $best = [$candidate, $d];
                    }
                }
            }
        }

        return $best;
    }

    /**
     * Rounding to 8 bits moves a and b in Oklab by up to about 0.003 even when the hue is meant to stay;
     * a gray has to stay a gray.
     *
     * @param array{float, float, float} $wanted Oklab
     */
    private static function keepsHue(Color $candidate, array $wanted): bool
    {
        [, $a, $b] = $candidate->to(ColorSpace::Oklab)->numbers();
        [, $wa, $wb] = $wanted;
        $chroma = sqrt($wa * $wa + $wb * $wb);
        if ($chroma < 0.0001) {
            return sqrt($a * $a + $b * $b) < 0.0005;
        }

        return abs($a * $wb - $b * $wa) / $chroma <= 0.003;
    }

    private static function eightBit(int $r, int $g, int $b): ?Color
    {
        return min($r, $g, $b) < 0 || max($r, $g, $b) > 255 ? null : Color::fromRgbInteger($r << 16 | $g << 8 | $b);
    }

    private static function rounded(Color $color): Color
    {
        return Color::parse($color->hex());
    }
}
