<?php

declare(strict_types=1);

namespace Ikat\Core\Image;

use Ikat\Core\Color\Color;
use Ikat\Core\Color\ColorSpace;

/**
 * Finds where the thing itself stands in a picture: what differs most from the ground, whose colors the edges of the picture show.
 *
 * A flat ground is flooded from the edges, and all else is the thing. Of a scene, the ground at each place is taken to be between the edges
 * left, right, above and below it; what differs is parted by Otsu's threshold, and its largest connected part is the thing, with others
 * that weigh nearly as much. Sources: N. Otsu, A Threshold Selection Method from Gray-Level Histograms (IEEE Transactions on Systems, Man,
 * and Cybernetics, 1979); differences are distances in Oklab.
 */
final class ObjectFinder
{
    /** px along the longer side that are enough to say where a thing stands: larger pictures are looked at in steps. */
    public const SIDE = 88;

    /** Share of the edge that has to be clear, or of one color, for the ground to be. */
    private const CLEAR_EDGE = 0.6;
    private const FLAT_EDGE = 0.8;

    /** Distance in Oklab below which two colors are one ground: what compression leaves. */
    private const SAME = 0.045;

    /** Distance that nothing of a scene's thing is nearer than, whatever the threshold. */
    private const LEAST = 0.035;

    /** Distance between two neighbors that light alone makes, and share of the threshold that is enough for what stands apart so. */
    private const STEP = 0.025;
    private const SHY = 0.35;

    /** Share of the heaviest part's weight from which another belongs to the thing: of a chain all links do. */
    private const NEARLY = 0.25;

    /** Share of a thing's weight that may lie beyond each of its sides. */
    private const BEYOND = 0.006;

    /** Shares of the picture that a thing has at least, and at most. */
    private const SMALLEST = 0.004;
    private const LARGEST = 0.97;

    private const OPAQUE = 128;

    /** @var list<int> argb, row by row */
    private array $pixels = [];

    private int $width;

    private int $height;

    /** @var array<int, array{float, float, float}> Oklab by color, of five bits a channel */
    private array $labs = [];

    private function __construct(PixelGrid $grid)
    {
        $step = max(1.0, max($grid->width(), $grid->height()) / self::SIDE);
        $this->width = max(1, (int) round($grid->width() / $step));
        $this->height = max(1, (int) round($grid->height() / $step));
        for ($y = 0; $y < $this->height; $y++) {
            $at = (int) (($y + 0.5) * $grid->height() / $this->height);
            for ($x = 0; $x < $this->width; $x++) {
                $this->pixels[] = $grid->argb((int) (($x + 0.5) * $grid->width() / $this->width), $at);
            }
        }
    }

    public static function find(PixelGrid $grid): FoundObject
    {
        $finder = new self($grid);
        if ($finder->width < 3 || $finder->height < 3) {
            return FoundObject::whole();
        }
        $edge = $finder->edge();
        $isClear = static fn(int $pixel): bool => ($pixel >> 24 & 255) < self::OPAQUE;
        if (count(array_filter($edge, $isClear)) >= self::CLEAR_EDGE * count($edge)) {
            return $finder->told(
                array_map(static fn(int $pixel): float => $isClear($pixel) ? 0.0 : 1.0, $finder->pixels),
                0.5,
                FoundObject::CLEAR,
                null,
            );
        }
        $middle = $finder->middle($edge);
        $same = array_filter($edge, fn(int $pixel): bool => self::distance($finder->lab($pixel), $middle) < self::SAME);
        if (count($same) >= self::FLAT_EDGE * count($edge)) {
            $color = Color::in(ColorSpace::Oklab, ...$middle)->hex();

            return $finder->told($finder->unflooded($middle), 0.5, FoundObject::FLAT, $color);
        }
        // Where the ground gets lighter or darker by and by, it is still the ground.
        $ground = $finder->smooth();
        $differences = $finder->differences();
        $standing = array_map(static fn(float $d, bool $isGround): float => $isGround ? 0.0 : $d, $differences, $ground);
        $from = max(self::LEAST, self::SHY * self::threshold(array_values(array_filter($standing))));

        return $finder->told($standing, $from, FoundObject::SCENE, null);
    }

    /**
     * @param list<float> $values of each pixel
     * @param FoundObject::CLEAR|FoundObject::FLAT|FoundObject::SCENE $ground
     */
    private function told(array $values, float $from, string $ground, ?string $color): FoundObject
    {
        $parts = $this->parts($values, $from);
        $most = max([0.0, ...array_column($parts, 'weight')]);
        $kept = array_filter($parts, static fn(array $part): bool => $part['weight'] >= self::NEARLY * $most);
        $share = array_sum(array_column($kept, 'count')) / count($values);
        if ($kept === [] || $share < self::SMALLEST || $share > self::LARGEST) {
            return FoundObject::whole($ground, $color);
        }

        [$across, $down] = [[], []];
        foreach ($kept as $part) {
            foreach ($part['pixels'] as $i) {
                $across[$i % $this->width] = ($across[$i % $this->width] ?? 0.0) + $values[$i];
                $down[intdiv($i, $this->width)] = ($down[intdiv($i, $this->width)] ?? 0.0) + $values[$i];
            }
        }
        [$left, $right] = self::span($across, $ground);
        [$top, $bottom] = self::span($down, $ground);

        return new FoundObject(
            round($left / $this->width, 4),
            round($top / $this->height, 4),
            round(($right + 1) / $this->width, 4),
            round(($bottom + 1) / $this->height, 4),
            $ground,
            $color,
        );
    }

    /**
     * Where nearly all of a weight lies: lights that touch a thing in a scene weigh little.
     *
     * @param array<int, float> $weights by place, at least one
     *
     * @return array{int, int}
     */
    private static function span(array $weights, string $ground): array
    {
        ksort($weights);
        $beyond = $ground === FoundObject::SCENE ? self::BEYOND * array_sum($weights) : 0.0;

        return [self::passed($weights, $beyond), self::passed(array_reverse($weights, true), $beyond)];
    }

    /**
     * The place at which more than so much weight has been passed.
     *
     * @param array<int, float> $weights by place
     */
    private static function passed(array $weights, float $beyond): int
    {
        $sum = 0.0;
        foreach ($weights as $place => $weight) {
            $sum += $weight;
            if ($sum > $beyond) {
                return $place;
            }
        }

        return (int) array_key_last($weights);
    }

    /** @return non-empty-list<int> argb of the pixels at the edges */
    private function edge(): array
    {
        $edge = [];
        for ($x = 0; $x < $this->width; $x++) {
            array_push($edge, $this->pixels[$x], $this->pixels[($this->height - 1) * $this->width + $x]);
        }
        for ($y = 1; $y < $this->height - 1; $y++) {
            array_push($edge, $this->pixels[$y * $this->width], $this->pixels[($y + 1) * $this->width - 1]);
        }
        assert($edge !== []);

        return $edge;
    }

    /**
     * @param non-empty-list<int> $pixels
     *
     * @return array{float, float, float} Oklab: the middle one of each coordinate
     */
    private function middle(array $pixels): array
    {
        $labs = array_map($this->lab(...), $pixels);
        $middle = static function (int $i) use ($labs): float {
            $values = array_column($labs, $i);
            sort($values);

            return $values[intdiv(count($values), 2)];
        };

        return [$middle(0), $middle(1), $middle(2)];
    }

    /**
     * 0 where a flat ground is reached from the edges without leaving it, 1 elsewhere.
     *
     * @param array{float, float, float} $ground
     *
     * @return list<float>
     */
    private function unflooded(array $ground): array
    {
        $isGround = array_map(fn(int $pixel): bool => self::distance($this->lab($pixel), $ground) < self::SAME, $this->pixels);
        $out = array_fill(0, count($isGround), 1.0);
        $waiting = [];
        $reach = static function (int $i) use (&$out, &$waiting, $isGround): void {
            if ($isGround[$i] && $out[$i] === 1.0) {
                $out[$i] = 0.0;
                $waiting[] = $i;
            }
        };
        for ($x = 0; $x < $this->width; $x++) {
            $reach($x);
            $reach(($this->height - 1) * $this->width + $x);
        }
        for ($y = 0; $y < $this->height; $y++) {
            $reach($y * $this->width);
            $reach(($y + 1) * $this->width - 1);
        }
        while ($waiting !== []) {
            foreach ($this->beside(array_pop($waiting)) as $next) {
                $reach($next);
            }
        }

        return $out;
    }

    /** @return list<bool> whether a pixel is reached from the edges over steps so small that only light changes there */
    private function smooth(): array
    {
        $labs = array_map($this->lab(...), $this->pixels);
        $is = array_map(static fn(): bool => false, $labs);
        $waiting = [];
        for ($i = 0; $i < count($labs); $i++) {
            $x = $i % $this->width;
            if ($x === 0 || $x === $this->width - 1 || $i < $this->width || $i >= count($labs) - $this->width) {
                $is[$i] = true;
                $waiting[] = $i;
            }
        }
        while ($waiting !== []) {
            $i = array_pop($waiting);
            foreach ($this->beside($i) as $next) {
                if (! $is[$next] && self::distance($labs[$i], $labs[$next]) < self::STEP) {
                    $is[$next] = true;
                    $waiting[] = $next;
                }
            }
        }

        return array_values($is);
    }

    /** @return list<float> how far each pixel is from the ground that the edges have left, right, above and below it */
    private function differences(): array
    {
        $labs = array_map($this->lab(...), $this->pixels);
        [$w, $h] = [$this->width, $this->height];
        $out = [];
        for ($y = 0; $y < $h; $y++) {
            $left = $labs[$y * $w];
            $right = $labs[($y + 1) * $w - 1];
            for ($x = 0; $x < $w; $x++) {
                $above = $labs[$x];
                $below = $labs[($h - 1) * $w + $x];
                // The nearer an edge, the more it says; each axis by itself, and both by how near they are.
                $fx = $x / ($w - 1);
                $fy = $y / ($h - 1);
                $nx = 1 / (0.05 + min($fx, 1 - $fx));
                $ny = 1 / (0.05 + min($fy, 1 - $fy));
                $sum = $nx + $ny;
                $lab = $labs[$y * $w + $x];
                $square = 0.0;
                foreach ([0, 1, 2] as $i) {
                    $across = $left[$i] + ($right[$i] - $left[$i]) * $fx;
                    $down = $above[$i] + ($below[$i] - $above[$i]) * $fy;
                    $square += ($lab[$i] - ($nx * $across + $ny * $down) / $sum) ** 2;
                }
                $out[] = sqrt($square);
            }
        }

        return $out;
    }

    /** @param list<float> $values */
    private static function threshold(array $values): float
    {
        $steps = 64;
        $most = max([1e-9, ...$values]);
        $counts = array_fill(0, $steps, 0);
        foreach ($values as $value) {
            $counts[min($steps - 1, (int) ($steps * $value / $most))]++;
        }
        $all = count($values);
        $sum = 0;
        foreach ($counts as $i => $count) {
            $sum += $i * $count;
        }
        [$below, $sumBelow, $best, $at] = [0, 0, -1.0, 0];
        foreach ($counts as $i => $count) {
            $below += $count;
            $sumBelow += $i * $count;
            if ($below === 0 || $below === $all) {
                continue;
            }
            $between = $below * ($all - $below) * ($sumBelow / $below - ($sum - $sumBelow) / ($all - $below)) ** 2;
            if ($between > $best) {
                [$best, $at] = [$between, $i + 1];
            }
        }

        return $most * $at / $steps;
    }

    /**
     * Connected parts of what reaches a value.
     *
     * @param list<float> $values
     *
     * @return list<array{count: int, weight: float, pixels: list<int>}>
     */
    private function parts(array $values, float $from): array
    {
        $seen = [];
        $parts = [];
        foreach ($values as $start => $value) {
            if ($value < $from || isset($seen[$start])) {
                continue;
            }
            $seen[$start] = true;
            $part = ['count' => 0, 'weight' => 0.0, 'pixels' => []];
            $waiting = [$start];
            while ($waiting !== []) {
                $i = array_pop($waiting);
                $part['count']++;
                $part['weight'] += $values[$i];
                $part['pixels'][] = $i;
                foreach ($this->beside($i) as $next) {
                    if (! isset($seen[$next]) && $values[$next] >= $from) {
                        $seen[$next] = true;
                        $waiting[] = $next;
                    }
                }
            }
            $parts[] = $part;
        }

        return $parts;
    }

    /** @return list<int> */
    private function beside(int $i): array
    {
        $x = $i % $this->width;

        return [
            ...$x > 0 ? [$i - 1] : [], ...$x < $this->width - 1 ? [$i + 1] : [], ...$i >= $this->width ? [$i - $this->width] : [],
            ...$i < count($this->pixels) - $this->width ? [$i + $this->width] : [],
        ];
    }

    /** @return array{float, float, float} */
    private function lab(int $pixel): array
    {
        $five = $pixel & 0xF8F8F8;

        return $this->labs[$five] ??= self::oklab($five);
    }

    /** @return array{float, float, float} */
    private static function oklab(int $rgb): array
    {
        [$l, $a, $b] = Color::fromRgbInteger($rgb)->to(ColorSpace::Oklab)->numbers();

        return [$l, $a, $b];
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
