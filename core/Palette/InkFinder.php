<?php

declare(strict_types=1);

namespace Ikat\Core\Palette;

use Ikat\Core\Color\Ciede2000;
use Ikat\Core\Color\Color;
use Ikat\Core\Color\ColorSpace;
use Ikat\Core\Image\PixelGrid;

/**
 * The inks a logo is made of.
 *
 * Pixels are taken evenly and weighed by how flat their surroundings are, so that the blends of antialiased edges and
 * the noise of compression count for little; then gathered in OKLab. Paper white around an opaque logo is left out.
 * An ink's color is that of its densest spot, not a mean that blends would pull away.
 */
final class InkFinder
{
    public const MOST = 6;

    private const SAMPLES = 60000;
    /** Greatest difference of a channel, 0..255, to the pixels around for a pixel to count as flat. */
    private const FLAT = 12;
    /** OKLab distance within which colors are one ink. */
    private const NEAR = 0.075;
    private const DENSE = 0.03;
    /** Of a picture of many colors, this many are looked at. */
    private const CLUSTERS = 40;
    private const LEAST_SHARE = 0.01;

    /** @return list<Ink> 1 to 6, the largest share first; empty when nothing is drawn */
    public static function in(PixelGrid $pixels): array
    {
        [$bins, $hasClear] = self::bins($pixels);
        if ($bins === []) {
            return [];
        }
        $clusters = self::withoutBlends(self::gather($bins));
        if (! $hasClear) {
            $clusters = self::withoutPaper($clusters, self::paper($pixels));
        }
        $whole = array_sum(array_map(static fn(Cluster $c): float => $c->weight, $clusters)) ?: 1;
        $inks = [];
        foreach ($clusters as $cluster) {
            $share = $cluster->weight / $whole;
            if ($share >= self::LEAST_SHARE && count($inks) < self::MOST) {
                $color = self::densest($cluster->bins);
                $inks[] = new Ink($color->hex(), $share, ColorName::of($color));
            }
        }

        return $inks;
    }

    /**
     * @return array{list<Bin>, bool}
     *     bins, the heaviest first, and whether anything is clear
     */
    private static function bins(PixelGrid $pixels): array
    {
        $w = $pixels->width();
        $h = $pixels->height();
        $step = max(1, (int) floor(sqrt($w * $h / self::SAMPLES)));
        $sums = [];
        $hasClear = false;
        for ($y = intdiv($step, 2); $y < $h; $y += $step) {
            for ($x = intdiv($step, 2); $x < $w; $x += $step) {
                $p = $pixels->argb($x, $y);
                $alpha = $p >> 24 & 255;
                if ($alpha < 128) {
                    $hasClear = true;

                    continue;
                }
                $r = $p >> 16 & 255;
                $g = $p >> 8 & 255;
                $b = $p & 255;
                $isFlat = $alpha > 250;
                foreach ([[$x + 1, $y], [$x - 1, $y], [$x, $y + 1], [$x, $y - 1]] as [$nx, $ny]) {
                    if (! $isFlat) {
                        break;
                    }
                    if ($nx >= 0 && $ny >= 0 && $nx < $w && $ny < $h) {
                        $q = $pixels->argb($nx, $ny);
                        $isFlat = ($q >> 24 & 255) > 250 && abs(($q >> 16 & 255) - $r) <= self::FLAT && abs(($q >> 8 & 255) - $g) <= self::FLAT && abs(($q & 255) - $b) <= self::FLAT;
                    }
                }
                $key = ($r >> 3) << 10 | ($g >> 3) << 5 | $b >> 3;
                // A blend is not nothing: a logo of hair lines has no flat pixel at all.
                $weight = $isFlat ? 1.0 : 0.03;
                $sums[$key] ??= [0.0, 0.0, 0.0, 0.0, 0.0];
                $sums[$key][0] += $weight;
                $sums[$key][1] += $weight * $r;
                $sums[$key][2] += $weight * $g;
                $sums[$key][3] += $weight * $b;
                $sums[$key][4] += $isFlat ? 1.0 : 0.0;
            }
        }
        uasort($sums, static fn(array $a, array $b): int => $b[0] <=> $a[0]);
        $bins = [];
        foreach (array_slice($sums, 0, 2500) as [$weight, $r, $g, $b, $flat]) {
            $rgb = [$r / $weight / 255, $g / $weight / 255, $b / $weight / 255];
            $bins[] = new Bin($weight, $flat, $rgb, Color::in(ColorSpace::Srgb, ...$rgb)->to(ColorSpace::Oklab)->numbers());
        }

        return [$bins, $hasClear];
    }

    /**
     * @param list<Bin> $bins the heaviest first
     *
     * @return list<Cluster> the heaviest first
     */
    private static function gather(array $bins): array
    {
        $clusters = [];
        foreach ($bins as $bin) {
            $best = null;
            $least = self::NEAR;
            foreach ($clusters as $cluster) {
                $d = self::distance($cluster->bins[0]->lab, $bin->lab);
                if ($d < $least) {
                    $best = $cluster;
                    $least = $d;
                }
            }
            // The center stays where the heaviest bin is: it comes first, and noise around it must not move it.
            $best === null ? $clusters[] = new Cluster($bin) : $best->add($bin);
        }
        usort($clusters, static fn(Cluster $a, Cluster $b): int => $b->weight <=> $a->weight);

        return array_slice($clusters, 0, self::CLUSTERS);
    }

    /**
     * A cluster on the straight line between two others is what antialiasing or a gradient mixed, unless it is flat and of
     * one color: a gray between black and white may be an ink.
     *
     * @param list<Cluster> $clusters
     *
     * @return list<Cluster>
     */
    private static function withoutBlends(array $clusters): array
    {
        $isBlend = static function (Cluster $cluster) use ($clusters): bool {
            $isRim = $cluster->flat < 0.3 * $cluster->weight;
            $isSpread = $cluster->bins[0]->weight < 0.4 * $cluster->weight;
            if (! $isRim && ! $isSpread) {
                return false;
            }
            $ends = array_values(array_filter($clusters, static fn(Cluster $c): bool => $c !== $cluster && ($isRim || $c->weight > $cluster->weight)));
            foreach ($ends as $i => $a) {
                foreach (array_slice($ends, $i + 1) as $b) {
                    if (self::isBetween($cluster->bins[0]->rgb, $a->bins[0]->rgb, $b->bins[0]->rgb)) {
                        return true;
                    }
                }
            }

            return false;
        };

        return array_values(array_filter($clusters, static fn(Cluster $c): bool => ! $isBlend($c)));
    }

    /**
     * @param array{float, float, float} $rgb
     * @param array{float, float, float} $a
     * @param array{float, float, float} $b
     */
    private static function isBetween(array $rgb, array $a, array $b): bool
    {
        $ab = [$b[0] - $a[0], $b[1] - $a[1], $b[2] - $a[2]];
        $length = $ab[0] ** 2 + $ab[1] ** 2 + $ab[2] ** 2;
        if ($length < 0.01) {
            return false;
        }
        $t = (($rgb[0] - $a[0]) * $ab[0] + ($rgb[1] - $a[1]) * $ab[1] + ($rgb[2] - $a[2]) * $ab[2]) / $length;
        $off = sqrt(($rgb[0] - $a[0] - $t * $ab[0]) ** 2 + ($rgb[1] - $a[1] - $t * $ab[1]) ** 2 + ($rgb[2] - $a[2] - $t * $ab[2]) ** 2);

        return $t > 0.08 && $t < 0.92 && $off < 0.06;
    }

    /** The color of the paper around an opaque logo, when that is near white; null when it is not. */
    private static function paper(PixelGrid $pixels): ?Color
    {
        $w = $pixels->width();
        $h = $pixels->height();
        $rim = [];
        for ($i = 0; $i < 200; $i++) {
            $x = intdiv($i * ($w - 1), 199);
            $y = intdiv($i * ($h - 1), 199);
            array_push($rim, $pixels->argb($x, 0), $pixels->argb($x, $h - 1), $pixels->argb(0, $y), $pixels->argb($w - 1, $y));
        }
        $isWhite = static function (int $p): bool {
            $channels = [$p >> 16 & 255, $p >> 8 & 255, $p & 255];

            return min($channels) >= 226 && max($channels) - min($channels) <= 22;
        };
        $white = array_values(array_filter($rim, $isWhite));
        if (count($white) < 0.8 * count($rim)) {
            return null;
        }
        sort($white);

        return Color::fromRgbInteger($white[intdiv(count($white), 2)] & 0xFFFFFF);
    }

    /**
     * @param list<Cluster> $clusters
     *
     * @return list<Cluster> all of them where nothing else is drawn
     */
    private static function withoutPaper(array $clusters, ?Color $paper): array
    {
        if ($paper === null) {
            return $clusters;
        }
        $drawn = array_values(array_filter($clusters, static fn(Cluster $c): bool => Ciede2000::difference(Color::in(ColorSpace::Srgb, ...$c->bins[0]->rgb), $paper) > 6));

        return $drawn === [] ? $clusters : $drawn;
    }

    /** @param non-empty-list<Bin> $bins the heaviest first */
    private static function densest(array $bins): Color
    {
        $sum = [0.0, 0.0, 0.0, 0.0];
        foreach ($bins as $bin) {
            if (self::distance($bins[0]->lab, $bin->lab) < self::DENSE) {
                $sum[0] += $bin->weight;
                foreach ($bin->rgb as $i => $v) {
                    $sum[$i + 1] += $bin->weight * $v;
                }
            }
        }

        return Color::in(ColorSpace::Srgb, $sum[1] / $sum[0], $sum[2] / $sum[0], $sum[3] / $sum[0]);
    }

    /**
     * @param array{float, float, float} $a
     * @param array{float, float, float} $b
     */
    private static function distance(array $a, array $b): float
    {
        return sqrt(($a[0] - $b[0]) ** 2 + ($a[1] - $b[1]) ** 2 + ($a[2] - $b[2]) ** 2);
    }
}
