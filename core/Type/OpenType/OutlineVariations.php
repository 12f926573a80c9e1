<?php

declare(strict_types=1);

namespace Ikat\Core\Type\OpenType;

use Ikat\Core\Type\UnreadableFont;

/**
 * By how much glyphs of a variable font are wider than its default, where it says so of their outlines alone: by the points that stand
 * for a glyph's two sides. Source: OpenType 1.9, "gvar", "glyf" and "Tuple variation store".
 */
final readonly class OutlineVariations
{
    private const SHARED_POINTS = 0x8000;
    private const OWN_PEAK = 0x8000;
    private const BETWEEN = 0x4000;
    private const OWN_POINTS = 0x2000;
    private const NUMBER = 0x0FFF;

    private const MORE_COMPONENTS = 0x20;

    private FontBytes $gvar;

    private FontBytes $glyf;

    private FontBytes $loca;

    private bool $isLong;

    /**
     * @param list<float> $place on the font's axes, normalized
     *
     * @throws UnreadableFont
     */
    public function __construct(FontFile $file, private array $place)
    {
        $this->gvar = $file->table('gvar');
        $this->glyf = $file->table('glyf');
        $this->loca = $file->table('loca');
        $this->isLong = $file->table('head')->u16(50) === 1;
    }

    /** In font units. @throws UnreadableFont */
    public function delta(int $glyph): float
    {
        if ($glyph >= $this->gvar->u16(12)) {
            return 0.0;
        }
        [$from, $to] = ($this->gvar->u16(14) & 1) === 1
            ? [$this->gvar->u32(20 + 4 * $glyph), $this->gvar->u32(24 + 4 * $glyph)]
            : [2 * $this->gvar->u16(20 + 2 * $glyph), 2 * $this->gvar->u16(22 + 2 * $glyph)];
        if ($to <= $from) {
            return 0.0;
        }
        $data = new FontBytes($this->gvar->text($this->gvar->u32(16) + $from, $to - $from));
        $points = $this->points($glyph);
        $axes = count($this->place);
        $tuples = $data->u16(0);
        $at = $data->u16(2);
        $shared = null;
        if ($tuples & self::SHARED_POINTS) {
            [$shared, $at] = self::pointNumbers($data, $at);
        }
        $head = 4;
        $sum = 0.0;
        for ($i = $tuples & self::NUMBER; $i > 0; $i--) {
            [$size, $index] = $data->u16s($head, 2);
            $head += 4;
            $peaks = $index & self::OWN_PEAK
                ? self::tuple($data, $head, $axes)
                : self::tuple($this->gvar, $this->gvar->u32(8) + 2 * $axes * ($index & self::NUMBER), $axes);
            $head += $index & self::OWN_PEAK ? 2 * $axes : 0;
            $between = $index & self::BETWEEN
                ? [self::tuple($data, $head, $axes), self::tuple($data, $head + 2 * $axes, $axes)]
                : null;
            $head += $between === null ? 0 : 4 * $axes;
            $share = $this->share($peaks, $between);
            if ($share !== 0.0) {
                [$numbers, $start] = $index & self::OWN_POINTS ? self::pointNumbers($data, $at) : [$shared, $at];
                $sum += $share * self::sides($data, $start, $numbers, $points);
            }
            $at += $size;
        }

        return $sum;
    }

    /**
     * @param list<float> $peaks
     * @param ?array{list<float>, list<float>} $between
     */
    private function share(array $peaks, ?array $between): float
    {
        $share = 1.0;
        foreach ($peaks as $axis => $peak) {
            $share *= VariationStore::share(
                $this->place[$axis],
                $between === null ? min($peak, 0.0) : $between[0][$axis],
                $peak,
                $between === null ? max($peak, 0.0) : $between[1][$axis],
            );
        }

        return $share;
    }

    /**
     * How far the right side moves and the left one does not.
     *
     * @param ?list<int> $numbers of the points that are told; null for all
     */
    private static function sides(FontBytes $data, int $at, ?array $numbers, int $points): float
    {
        $last = $numbers === null ? $points + 4 : count($numbers);
        $left = $numbers === null ? $points : array_search($points, $numbers, true);
        $right = $numbers === null ? $points + 1 : array_search($points + 1, $numbers, true);
        $sum = 0;
        for ($i = 0; $i < $last;) {
            $control = $data->u8($at++);
            $size = ($control & 0x80) !== 0 ? 0 : (($control & 0x40) !== 0 ? 2 : 1);
            for ($run = ($control & 0x3F) + 1; $run > 0 && $i < $last; $run--, $i++, $at += $size) {
                if ($i === $left || $i === $right) {
                    $moved = match ($size) {
                        0 => 0, 1 => $data->i8($at), 2 => $data->i16($at)
                    };
                    $sum += $i === $right ? $moved : -$moved;
                }
            }
        }

        return (float) $sum;
    }

    /** @return array{?list<int>, int} numbers of points, null for all of them, and where what follows begins */
    private static function pointNumbers(FontBytes $data, int $at): array
    {
        $count = $data->u8($at++);
        if ($count === 0) {
            return [null, $at];
        }
        if ($count & 0x80) {
            $count = ($count & 0x7F) << 8 | $data->u8($at++);
        }
        $numbers = [];
        $number = 0;
        while (count($numbers) < $count) {
            $control = $data->u8($at++);
            for ($run = ($control & 0x7F) + 1; $run > 0 && count($numbers) < $count; $run--) {
                $number += $control & 0x80 ? $data->u16($at) : $data->u8($at);
                $at += $control & 0x80 ? 2 : 1;
                $numbers[] = $number;
            }
        }

        return [$numbers, $at];
    }

    /** @return list<float> */
    private static function tuple(FontBytes $data, int $at, int $axes): array
    {
        $tuple = [];
        for ($i = 0; $i < $axes; $i++) {
            $tuple[] = $data->f2dot14($at + 2 * $i);
        }

        return $tuple;
    }

    /** Points of a glyph's outline, or components of a composite one. */
    private function points(int $glyph): int
    {
        [$from, $to] = $this->isLong
            ? [$this->loca->u32(4 * $glyph), $this->loca->u32(4 * $glyph + 4)]
            : [2 * $this->loca->u16(2 * $glyph), 2 * $this->loca->u16(2 * $glyph + 2)];
        if ($to <= $from) {
            return 0;
        }
        $outlines = $this->glyf->i16($from);
        if ($outlines >= 0) {
            return $outlines === 0 ? 0 : $this->glyf->u16($from + 10 + 2 * ($outlines - 1)) + 1;
        }
        $at = $from + 10;
        $components = 0;
        do {
            $flags = $this->glyf->u16($at);
            // Its number, two numbers of bytes or words, and a scale, two, or a whole matrix.
            $at += 4 + ($flags & 1 ? 4 : 2) + match (true) {
                ($flags & 0x8) !== 0 => 2,
                ($flags & 0x40) !== 0 => 4,
                ($flags & 0x80) !== 0 => 8,
                default => 0,
            };
            $components++;
        } while ($flags & self::MORE_COMPONENTS);

        return $components;
    }
}
