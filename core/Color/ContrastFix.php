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
    private const CHROMA_STEPS = 24;
    private const REFINEMENTS = 3;
    /** sRGB steps searched around the best point on every channel. */
    private const NEIGHBOURHOOD = 2;
    /** Luminances beyond which 8 bits leave so few colors of a hue that they are gone through. */
    private const NEAR_BLACK = 0.03;
    private const NEAR_WHITE = 0.86;

    private const AT_BLACK = 0.006;
    private const AT_WHITE = 0.96;

    /** Steps of lightness and of chroma there, and how often what is around the best is gone through more finely. */
    private const END_STEPS = [16, 9];
    private const END_ROUNDS = 2;
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
        $asked = array_map(static fn(array $d): array => [Contrast::luminance($d[0]), $d[1]], $demands);
        $rounded = self::rounded($color);
        $luminance = Contrast::luminance($rounded);
        if (self::holds($luminance, $asked)) {
            return $rounded;
        }
        $best = null;
        foreach (self::rims($luminance, $asked) as $side => $rim) {
            // Near black and white few colors of a hue are left among 8 bits: then a little further on, and at last the end itself.
            $found = null;
            $isNearEnd = $side === 0 ? $rim < self::NEAR_BLACK : $rim > self::NEAR_WHITE;
            foreach (self::FURTHER as $step) {
                $wanted = $side === 0 ? $rim - $step : $rim + $step;
                $found = $wanted < 0 || $wanted > 1 ? null : self::onCurve($color, $wanted, $asked);
                if ($found !== null || $isNearEnd) {
                    break;
                }
            }
            // Where the curve has no color, or so few that the best lies beside it, what is left up to the end is gone through.
            if ($isNearEnd && ($found === null || ($side === 0 ? $rim < self::AT_BLACK : $rim > self::AT_WHITE))) {
                $beside = self::nearEnd($color, $side === 0, $rim, $asked);
                $found = $beside !== null && ($found === null || $beside[1] < $found[1]) ? $beside : $found;
            }
            $end = Color::fromRgbInteger($side === 0 ? 0 : 0xFFFFFF);
            $found ??= self::holds($side === 0 ? 0.0 : 1.0, $asked) ? [$end, Ciede2000::difference($color, $end)] : null;
            if ($found !== null && ($best === null || $found[1] < $best[1])) {
                $best = $found;
            }
        }

        return $best[0] ?? null;
    }

    /** @param list<array{float, float}> $asked luminance of the other color, and the ratio wanted */
    private static function holds(float $luminance, array $asked): bool
    {
        foreach ($asked as [$other, $ratio]) {
            if (Contrast::ofLuminances($luminance, $other) < $ratio) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param list<array{float, float}> $asked luminance of the other color, and the ratio wanted
     *
     * @return array{float, float} the rims of what is forbidden around a luminance; beyond 0..1 where nothing is left on that side
     */
    private static function rims(float $luminance, array $asked): array
    {
        $forbidden = array_map(
            static fn(array $demand): array => [($demand[0] + 0.05) / $demand[1] - 0.05, ($demand[0] + 0.05) * $demand[1] - 0.05],
            $asked,
        );
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
     * @param list<array{float, float}> $asked
     *
     * @return ?array{Color, float} the color and its CIEDE2000 from the original
     */
    private static function onCurve(Color $original, float $luminance, array $asked): ?array
    {
        [, $chroma, $hue] = $original->to(ColorSpace::Oklch)->coordinates();
        $lab = $original->to(ColorSpace::Lab)->numbers();
        $top = $hue === null ? 0.0 : max($chroma ?? 0.0, 0.02) * 1.3;
        $from = 0.0;
        $best = null;
        [$cos, $sin] = [cos(($hue ?? 0.0) * M_PI / 180), sin(($hue ?? 0.0) * M_PI / 180)];
        for ($round = 0; $round < self::REFINEMENTS; $round++) {
            $step = ($top - $from) / self::CHROMA_STEPS;
            for ($i = 0; $i <= self::CHROMA_STEPS; $i++) {
                $c = $from + $i * $step;
                $found = self::ofLuminance($luminance, $c * $cos, $c * $sin);
                if ($found !== null) {
                    $d = Ciede2000::ofLab($lab, CieLab::fromXyzD50(Matrices::times(Matrices::D65_TO_D50, $found[1])));
                    if ($best === null || $d < $best[0]) {
                        $best = [$d, $c, $found[0]];
                    }
                }
                if ($top === 0.0) {
                    break;
                }
            }
            if ($best === null) {
                return null;
            }
            $from = max(0.0, $best[1] - $step);
            $top = $best[1] + $step;
        }

        return self::rounding([$best[2], $best[1] * $cos, $best[1] * $sin], $lab, $asked);
    }

    /**
     * Near black and white the curve of one luminance misses most of what 8 bits can show: there the colors of the hue from the
     * rim to the end are gone through by lightness and chroma.
     *
     * @param list<array{float, float}> $asked
     *
     * @return ?array{Color, float} the color and its CIEDE2000 from the original
     */
    private static function nearEnd(Color $original, bool $isDark, float $rim, array $asked): ?array
    {
        [, $chroma, $hue] = $original->to(ColorSpace::Oklch)->coordinates();
        $lab = $original->to(ColorSpace::Lab)->numbers();
        [$cos, $sin] = [cos(($hue ?? 0.0) * M_PI / 180), sin(($hue ?? 0.0) * M_PI / 180)];
        // The lightness of a gray of the rim's luminance, and a little on either side for what has a hue.
        $gray = max(0.0, $rim) ** (1 / 3);
        $range = $isDark ? [0.0, min(1.0, $gray + 0.12)] : [max(0.0, $gray - 0.12), 1.0];
        $chromas = [0.0, $hue === null ? 0.0 : 1.3 * max($chroma ?? 0.0, 0.02)];
        $linear = self::linear();
        $best = null;
        [$rows, $columns] = self::END_STEPS;
        for ($round = 0; $round < self::END_ROUNDS; $round++) {
            [$up, $out] = [($range[1] - $range[0]) / $rows, ($chromas[1] - $chromas[0]) / $columns];
            for ($i = 0; $i <= $rows; $i++) {
                for ($k = 0; $k <= ($out > 0.0 ? $columns : 0); $k++) {
                    [$l, $c] = [$range[0] + $i * $up, $chromas[0] + $k * $out];
                    $rgb = Matrices::times(Matrices::XYZ_TO_SRGB, OklabConversion::toXyz([$l, $c * $cos, $c * $sin]));
                    if (min($rgb) < -0.0005 || max($rgb) > 1.0005) {
                        continue;
                    }
                    [$red, $green, $blue] = array_map(
                        static fn(float $v): int => (int) round(255 * max(0.0, min(1.0, Transfer::linearToSrgb($v)))),
                        $rgb,
                    );
                    if (! self::holds(0.2126 * $linear[$red] + 0.7152 * $linear[$green] + 0.0722 * $linear[$blue], $asked)) {
                        continue;
                    }
                    $xyz = Matrices::times(Matrices::SRGB_TO_XYZ, [$linear[$red], $linear[$green], $linear[$blue]]);
                    $d = Ciede2000::ofLab($lab, CieLab::fromXyzD50(Matrices::times(Matrices::D65_TO_D50, $xyz)));
                    if ($best === null || $d < $best[1]) {
                        $best = [Color::fromRgbInteger($red << 16 | $green << 8 | $blue), $d, $l, $c];
                    }
                }
            }
            if ($best === null) {
                return null;
            }
            $range = [max(0.0, $best[2] - $up), min(1.0, $best[2] + $up)];
            $chromas = [max(0.0, $best[3] - $out), $best[3] + $out];
        }

        return [$best[0], $best[1]];
    }

    /**
     * The lightness at which an Oklab a and b have a luminance. The luminance is a sum of cubes of the lightness and rises
     * with it, so Newton's way finds it in a few steps.
     *
     * @return ?array{float, array{float, float, float}} Oklab lightness and XYZ, or null when that color is outside sRGB
     */
    private static function ofLuminance(float $luminance, float $a, float $b): ?array
    {
        [$l0, $l1, $l2, $m0, $m1, $m2, $s0, $s1, $s2] = Matrices::OKLAB_TO_LMS;
        [, , , $wl, $wm, $ws] = Matrices::LMS_TO_XYZ;
        [$ol, $om, $os] = [$l1 * $a + $l2 * $b, $m1 * $a + $m2 * $b, $s1 * $a + $s2 * $b];
        $lightness = $luminance ** (1 / 3);
        for ($i = 0; $i < 12; $i++) {
            [$l, $m, $s] = [$l0 * $lightness + $ol, $m0 * $lightness + $om, $s0 * $lightness + $os];
            $off = $wl * $l * $l * $l + $wm * $m * $m * $m + $ws * $s * $s * $s - $luminance;
            $slope = 3 * ($wl * $l0 * $l * $l + $wm * $m0 * $m * $m + $ws * $s0 * $s * $s);
            if ($slope < 1e-9) {
                break;
            }
            $lightness -= $off / $slope;
            if (abs($off) < 1e-7) {
                break;
            }
        }
        $xyz = OklabConversion::toXyz([$lightness, $a, $b]);
        $rgb = Matrices::times(Matrices::XYZ_TO_SRGB, $xyz);

        return min($rgb) < -0.0005 || max($rgb) > 1.0005 || abs($xyz[1] - $luminance) > 0.001 ? null : [$lightness, $xyz];
    }

    /**
     * The nearest 8-bit color beside a point of the curve that really holds.
     *
     * @param array{float, float, float} $wanted Oklab
     * @param array{float, float, float} $lab of the original
     * @param list<array{float, float}> $asked
     *
     * @return ?array{Color, float}
     */
    private static function rounding(array $wanted, array $lab, array $asked): ?array
    {
        $linear = self::linear();
        $shown = Color::in(ColorSpace::Oklab, ...$wanted)->shown()->numbers();
        [$r, $g, $b] = array_map(static fn(float $v): int => (int) round($v * 255), $shown);
        $best = null;
        $n = self::NEIGHBOURHOOD;
        for ($red = max(0, $r - $n), $redEnd = min(255, $r + $n); $red <= $redEnd; $red++) {
            for ($green = max(0, $g - $n), $greenEnd = min(255, $g + $n); $green <= $greenEnd; $green++) {
                for ($blue = max(0, $b - $n), $blueEnd = min(255, $b + $n); $blue <= $blueEnd; $blue++) {
                    if (! self::holds(0.2126 * $linear[$red] + 0.7152 * $linear[$green] + 0.0722 * $linear[$blue], $asked)) {
                        continue;
                    }
                    $xyz = Matrices::times(Matrices::SRGB_TO_XYZ, [$linear[$red], $linear[$green], $linear[$blue]]);
                    if (! self::keepsHue(OklabConversion::fromXyz($xyz), $wanted)) {
                        continue;
                    }
                    $d = Ciede2000::ofLab($lab, CieLab::fromXyzD50(Matrices::times(Matrices::D65_TO_D50, $xyz)));
                    if ($best === null || $d < $best[1]) {
                        $best = [$red << 16 | $green << 8 | $blue, $d];
                    }
                }
            }
        }

        return $best === null ? null : [Color::fromRgbInteger($best[0]), $best[1]];
    }

    /** @return list<float> linear light of each of the 256 steps of a channel */
    private static function linear(): array
    {
        /** @var ?list<float> $linear */
        static $linear = null;

        return $linear ??= array_map(static fn(int $v): float => Transfer::srgbToLinear($v / 255), range(0, 255));
    }

    /**
     * Rounding to 8 bits moves a and b in Oklab by up to about 0.003 even when the hue is meant to stay;
     * a gray has to stay a gray.
     *
     * @param array{float, float, float} $candidate Oklab
     * @param array{float, float, float} $wanted Oklab
     */
    private static function keepsHue(array $candidate, array $wanted): bool
    {
        [, $a, $b] = $candidate;
        [, $wa, $wb] = $wanted;
        $chroma = sqrt($wa * $wa + $wb * $wb);
        if ($chroma < 0.0001) {
            return sqrt($a * $a + $b * $b) < 0.0005;
        }

        return abs($a * $wb - $b * $wa) / $chroma <= 0.003;
    }

    private static function rounded(Color $color): Color
    {
        return Color::parse($color->hex());
    }
}
