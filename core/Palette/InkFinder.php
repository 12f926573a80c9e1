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
 * the noise of compression count for little; then gathered in OKLab, and parted again where a valley lies between two
 * peaks. Paper white around an opaque logo and its soft shadow on it are left out, white that stands enclosed in ink is not.
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

    /** An accent may be smaller, when it is flat, of one color, and clearly another one than all the rest. */
    private const LEAST_ACCENT = 0.003;
    private const ACCENT_APART = 12.0;

    /** CIEDE2000 from which two flat colors of one cluster may be two inks, and how deep the valley between must be. */
    private const PEAKS_APART = 4.0;
    private const VALLEY = 0.25;

    /** What is spread over more than this share beyond its densest spot is a run of colors and not one. */
    private const SPREAD = 0.45;
    private const GRAY = 0.04;

    /** OKLab lightness between neighbors of a run of grays. */
    private const RUNG = 0.11;

    /** @return list<Ink> 1 to 6, the largest share first; empty when nothing is drawn */
    public static function in(PixelGrid $pixels): array
    {
        [$bins, $hasClear] = self::bins($pixels);
        if ($bins === []) {
            return [];
        }
        $all = array_sum(array_map(static fn(Bin $b): float => $b->weight, $bins));
        $clusters = self::withoutBlends(self::parted(self::gather($bins), $all));
        if (! $hasClear) {
            $paper = self::paper($pixels);
            $clusters = $paper === null
                ? $clusters
                : self::withoutPaper(self::withoutShadow($clusters, $paper), $paper, EnclosedPaper::share($pixels, $paper) * $all);
        }
        $whole = array_sum(array_map(static fn(Cluster $c): float => $c->weight, $clusters)) ?: 1;
        $inks = $found = [];
        foreach ($clusters as $cluster) {
            $share = $cluster->weight / $whole;
            $color = self::densest($cluster->bins);
            if (
                count($inks) < self::MOST
                && ($share >= self::LEAST_SHARE || ($share >= self::LEAST_ACCENT && self::isAccent($cluster, $color, $found)))
            ) {
                $inks[] = new Ink($color->hex(), $share, ColorName::of($color));
                $found[] = $color;
            }
        }

        return $inks;
    }

    /** @param list<Color> $others */
    private static function isAccent(Cluster $cluster, Color $color, array $others): bool
    {
        return $cluster->flat > 0.5 * $cluster->weight && self::dense($cluster->bins) > 0.6 * $cluster->weight
            && array_filter($others, static fn(Color $other): bool => Ciede2000::difference($color, $other) < self::ACCENT_APART) === [];
    }

    /**
     * Clusters in which two flat colors stand apart, with little between them, are two inks.
     *
     * @param list<Cluster> $clusters
     * @param float $all weight of everything
     *
     * @return list<Cluster> the heaviest first
     */
    private static function parted(array $clusters, float $all): array
    {
        $parted = [];
        foreach ($clusters as $cluster) {
            $peaks = [$cluster->bins[0]];
            foreach (array_slice($cluster->bins, 1, 12) as $bin) {
                $isPeak = $bin->weight >= self::LEAST_SHARE * $all && $bin->flat > 0.5 * $bin->weight;
                foreach ($isPeak ? $peaks : [] as $peak) {
                    $isPeak = $isPeak
                        && Ciede2000::difference(
                            Color::in(ColorSpace::Srgb, ...$peak->rgb),
                            Color::in(ColorSpace::Srgb, ...$bin->rgb),
                        ) >= self::PEAKS_APART
                        && self::between($cluster->bins, $peak, $bin) < self::VALLEY * min($peak->weight, $bin->weight);
                }
                if ($isPeak) {
                    $peaks[] = $bin;
                }
            }
            $made = array_map(static fn(Bin $peak): Cluster => new Cluster($peak), $peaks);
            foreach ($cluster->bins as $bin) {
                if (! in_array($bin, $peaks, true)) {
                    $distances = array_map(static fn(Bin $peak): float => self::distance($peak->lab, $bin->lab), $peaks);
                    $made[(int) array_search(min($distances), $distances, true)]->add($bin);
                }
            }
            $parted = [...$parted, ...$made];
        }
        usort($parted, static fn(Cluster $a, Cluster $b): int => $b->weight <=> $a->weight);

        return $parted;
    }

    /**
     * Weight of what lies about the middle between two bins.
     *
     * @param list<Bin> $bins
     */
    private static function between(array $bins, Bin $a, Bin $b): float
    {
        $apart = self::distance($a->lab, $b->lab);
        $weight = 0.0;
        foreach ($bins as $bin) {
            [$toA, $toB] = [self::distance($a->lab, $bin->lab), self::distance($b->lab, $bin->lab)];
            if ($bin !== $a && $bin !== $b && $toA > 0.25 * $apart && $toB > 0.25 * $apart && $toA + $toB < 1.35 * $apart) {
                $weight += $bin->weight;
            }
        }

        return $weight;
    }

    /**
     * Grays that run from the paper on, one to the next, are a shadow, however slowly they run.
     *
     * @param list<Cluster> $clusters
     *
     * @return list<Cluster>
     */
    private static function withoutShadow(array $clusters, Color $paper): array
    {
        $grays = array_values(array_filter(
            $clusters,
            static fn(Cluster $c): bool => sqrt($c->bins[0]->lab[1] ** 2 + $c->bins[0]->lab[2] ** 2) <= self::GRAY,
        ));
        usort($grays, static fn(Cluster $a, Cluster $b): int => $b->bins[0]->lab[0] <=> $a->bins[0]->lab[0]);
        $run = [];
        $last = $paper->to(ColorSpace::Oklab)->numbers()[0];
        foreach ($grays as $gray) {
            if ($last - $gray->bins[0]->lab[0] > self::RUNG) {
                break;
            }
            $last = $gray->bins[0]->lab[0];
            $run[] = $gray;
        }
        // The paper itself is the first of them; one gray more may be an ink, two are on their way somewhere.
        $shadow = count($run) > 2 ? array_slice($run, 1) : [];
        $drawn = array_values(array_filter($clusters, static fn(Cluster $c): bool => ! in_array($c, $shadow, true)
            && (! in_array($c, $grays, true) || self::dense($c->bins) >= (1 - self::SPREAD) * $c->weight)));

        return $drawn === [] ? $clusters : $drawn;
    }

    /** @param non-empty-list<Bin> $bins weight of the densest spot */
    private static function dense(array $bins): float
    {
        return array_sum(array_map(
            static fn(Bin $bin): float => self::distance($bins[0]->lab, $bin->lab) < self::DENSE ? $bin->weight : 0.0,
            $bins,
        ));
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
                        $isFlat = ($q >> 24 & 255) > 250
                            && abs(($q >> 16 & 255) - $r) <= self::FLAT
                            && abs(($q >> 8 & 255) - $g) <= self::FLAT
                            && abs(($q & 255) - $b) <= self::FLAT;
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
            $ends = array_values(array_filter(
                $clusters,
                static fn(Cluster $c): bool => $c !== $cluster && ($isRim || $c->weight > $cluster->weight),
            ));
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
     * @param float $enclosed weight of the paper's color that is drawn and not paper
     *
     * @return list<Cluster> all of them where nothing else is drawn
     */
    private static function withoutPaper(array $clusters, Color $paper, float $enclosed): array
    {
        $isPaper = static fn(Cluster $c): bool => Ciede2000::difference(Color::in(ColorSpace::Srgb, ...$c->bins[0]->rgb), $paper) <= 6;
        $drawn = array_values(array_filter($clusters, static fn(Cluster $c): bool => ! $isPaper($c)));
        if ($drawn === []) {
            return $clusters;
        }
        $white = array_values(array_filter($clusters, $isPaper))[0] ?? null;
        if ($white !== null && $enclosed > 0.0) {
            $white->weight = $enclosed;
            $drawn[] = $white;
            usort($drawn, static fn(Cluster $a, Cluster $b): int => $b->weight <=> $a->weight);
        }

        return $drawn;
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
