<?php

declare(strict_types=1);

namespace Ikat\Core\Image;

/**
 * A picture without its flat ground: the one color that is reached from its edges is clear, and along the outline of what stands on it
 * pixels are clear by as much as they are ground, with its color taken out of them.
 *
 * A pixel c of an outline is α of the thing f and 1 − α of the ground g: c = αf + (1 − α)g. Source: T. Porter and T. Duff, Compositing
 * Digital Images (SIGGRAPH 1984), "over". How far it lies from g, by how far the thing just within does, is α.
 */
final class CutOut implements PixelGrid
{
    /** Share of the edge that has to be of one color. */
    private const FLAT_EDGE = 0.8;

    /** Greatest difference of a channel, 0..255, from the ground that is the ground whatever the edge says, and that may ever be. */
    private const LEAST = 16;
    private const MOST = 40;

    /** Pixels from the ground inward that may be of both. */
    private const SOFT = 3;

    /** Alpha of each pixel, a byte each, row by row. */
    private string $alpha;

    private function __construct(private readonly PixelGrid $pixels, private readonly int $ground, int $near)
    {
        $away = $this->distances();
        $this->alpha = $this->softened($this->flooded($away, chr($near)), $away);
    }

    /** @return ?self null where the edges are not of one color */
    public static function of(PixelGrid $pixels): ?self
    {
        $edge = self::edge($pixels);
        $ground = 0;
        foreach ([16, 8, 0] as $shift) {
            $channel = array_map(static fn(int $pixel): int => $pixel >> $shift & 255, $edge);
            sort($channel);
            $ground |= $channel[intdiv(count($channel), 2)] << $shift;
        }
        $away = array_map(static fn(int $pixel): int => self::away($pixel, $ground), $edge);
        sort($away);
        $flat = array_filter($away, static fn(int $by): bool => $by <= self::MOST);
        $isOpaque = array_filter($edge, static fn(int $pixel): bool => ($pixel >> 24 & 255) > 250);
        if (min(count($flat), count($isOpaque)) < self::FLAT_EDGE * count($edge)) {
            return null;
        }

        // What most of the edge differs by is noise, or what compression left.
        return new self($pixels, $ground, min(self::MOST, max(self::LEAST, 2 * $away[(int) (0.75 * count($away))])));
    }

    public function width(): int
    {
        return $this->pixels->width();
    }

    public function height(): int
    {
        return $this->pixels->height();
    }

    public function argb(int $x, int $y): int
    {
        $pixel = $this->pixels->argb($x, $y);
        $alpha = ord($this->alpha[$y * $this->width() + $x]);
        if ($alpha === 255 || $alpha === 0) {
            return $alpha << 24 | $pixel & 0xFFFFFF;
        }
        $color = 0;
        foreach ([16, 8, 0] as $shift) {
            $ground = $this->ground >> $shift & 255;
            $channel = $ground + (($pixel >> $shift & 255) - $ground) * 255 / $alpha;
            $color |= (int) round(max(0, min(255, $channel))) << $shift;
        }

        return $alpha << 24 | $color;
    }

    /** @return float 0..1: what is left of the picture */
    public function kept(): float
    {
        $sum = 0;
        for ($i = 0; $i < strlen($this->alpha); $i++) {
            $sum += ord($this->alpha[$i]);
        }

        return $sum / (255 * max(1, strlen($this->alpha)));
    }

    /** @return string hex color of the ground */
    public function ground(): string
    {
        return sprintf('#%06x', $this->ground);
    }

    /** @return non-empty-list<int> argb of the pixels at the edges */
    private static function edge(PixelGrid $pixels): array
    {
        [$right, $bottom] = [$pixels->width() - 1, $pixels->height() - 1];
        $edge = [];
        for ($x = 0; $x <= $right; $x++) {
            array_push($edge, $pixels->argb($x, 0), $pixels->argb($x, $bottom));
        }
        for ($y = 0; $y <= $bottom; $y++) {
            array_push($edge, $pixels->argb(0, $y), $pixels->argb($right, $y));
        }
        assert($edge !== []);

        return $edge;
    }

    /** Greatest difference of a channel. */
    private static function away(int $a, int $b): int
    {
        return max(
            abs(($a >> 16 & 255) - ($b >> 16 & 255)),
            abs(($a >> 8 & 255) - ($b >> 8 & 255)),
            abs(($a & 255) - ($b & 255)),
        );
    }

    /** @return string how far each pixel is from the ground, a byte each: asked for once, as it is needed often */
    private function distances(): string
    {
        [$w, $h] = [$this->width(), $this->height()];
        [$red, $green, $blue] = [$this->ground >> 16 & 255, $this->ground >> 8 & 255, $this->ground & 255];
        $out = '';
        for ($y = 0; $y < $h; $y++) {
            for ($x = 0; $x < $w; $x++) {
                $pixel = $this->pixels->argb($x, $y);
                $out .= chr(max(abs(($pixel >> 16 & 255) - $red), abs(($pixel >> 8 & 255) - $green), abs(($pixel & 255) - $blue)));
            }
        }

        return $out;
    }

    /**
     * @param string $away as distances() gives it
     * @param string $near a byte: the greatest distance of the ground
     *
     * @return string a byte for each pixel: 0 for the ground that is reached from the edges, 1 for all else
     */
    private function flooded(string $away, string $near): string
    {
        [$w, $h] = [$this->width(), $this->height()];
        $out = str_repeat("\1", $w * $h);
        // Runs of a row at a time: a picture has millions of pixels, and few runs.
        $waiting = [];
        for ($y = 0; $y < $h; $y++) {
            array_push($waiting, [0, $y], [$w - 1, $y]);
        }
        for ($x = 0; $x < $w; $x++) {
            array_push($waiting, [$x, 0], [$x, $h - 1]);
        }
        while ($waiting !== []) {
            [$x, $y] = array_pop($waiting);
            $row = $y * $w;
            $at = $row + $x;
            if ($out[$at] === "\0" || $away[$at] > $near) {
                continue;
            }
            $left = $right = $at;
            while ($left > $row && $away[$left - 1] <= $near) {
                $left--;
            }
            while ($right < $row + $w - 1 && $away[$right + 1] <= $near) {
                $right++;
            }
            for ($i = $left; $i <= $right; $i++) {
                $out[$i] = "\0";
            }
            foreach ([-$w, $w] as $by) {
                if (($y === 0 && $by < 0) || ($y === $h - 1 && $by > 0)) {
                    continue;
                }
                $isIn = false;
                for ($i = $left + $by; $i <= $right + $by; $i++) {
                    $is = $away[$i] <= $near && $out[$i] === "\1";
                    if ($is && ! $isIn) {
                        $waiting[] = [$i % $w, intdiv($i, $w)];
                    }
                    $isIn = $is;
                }
            }
        }

        return $out;
    }

    /** @return string alpha of each pixel */
    private function softened(string $thing, string $away): string
    {
        [$w, $h] = [$this->width(), $this->height()];
        $alpha = strtr($thing, "\1", "\xFF");
        // Pixels of both lie within a step or two of the ground.
        $outline = $this->beside($thing, "\0", "\1");
        $inner = $this->beside(self::with($thing, $outline, "\2"), "\2", "\1");
        foreach ([...$outline, ...$inner] as $i) {
            $x = $i % $w;
            $y = intdiv($i, $w);
            $within = ord($away[$i]);
            for ($dy = -self::SOFT; $dy <= self::SOFT; $dy++) {
                for ($dx = -self::SOFT; $dx <= self::SOFT; $dx++) {
                    [$nx, $ny] = [$x + $dx, $y + $dy];
                    if ($nx >= 0 && $ny >= 0 && $nx < $w && $ny < $h && $thing[$ny * $w + $nx] === "\1") {
                        $within = max($within, ord($away[$ny * $w + $nx]));
                    }
                }
            }
            $alpha[$i] = chr((int) round(255 * ord($away[$i]) / max(1, $within)));
        }

        return $alpha;
    }

    /**
     * Pixels of one kind that have one of another beside them.
     *
     * @return list<int>
     */
    private function beside(string $kinds, string $other, string $kind): array
    {
        [$w, $all] = [$this->width(), strlen($kinds)];
        $found = [];
        for ($i = strpos($kinds, $kind); $i !== false; $i = $i + 1 < $all ? strpos($kinds, $kind, $i + 1) : false) {
            $x = $i % $w;
            if (
                ($x > 0 && $kinds[$i - 1] === $other) || ($x < $w - 1 && $kinds[$i + 1] === $other)
                || ($i >= $w && $kinds[$i - $w] === $other) || ($i + $w < $all && $kinds[$i + $w] === $other)
            ) {
                $found[] = $i;
            }
        }

        return $found;
    }

    /** @param list<int> $places */
    private static function with(string $kinds, array $places, string $kind): string
    {
        foreach ($places as $place) {
            $kinds[$place] = $kind;
        }

        return $kinds;
    }
}
