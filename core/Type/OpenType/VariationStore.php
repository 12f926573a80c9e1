<?php

declare(strict_types=1);

namespace Ikat\Core\Type\OpenType;

use Ikat\Core\Type\UnreadableFont;

/** By how much numbers of a variable font differ from its default. Source: OpenType 1.9, "Item variation store". */
final class VariationStore
{
    private const LONG_WORDS = 0x8000;

    private readonly int $count;

    /** @var list<float> how far each region counts at the place */
    private array $shares = [];

    /**
     * @var array<int, array{FontBytes, int, int, int, int, list<float>}> read so far: table, items, its rows' start, words, bytes a row,
     *     shares
     */
    private array $sets = [];

    /**
     * @param list<float> $place on the font's axes, normalized
     *
     * @throws UnreadableFont
     */
    public function __construct(private readonly FontBytes $table, array $place)
    {
        $this->count = $table->u16(6);
        $regions = $table->from($table->u32(2));
        [$axes, $count] = $regions->u16s(0, 2);
        for ($i = 0; $i < $count; $i++) {
            $share = 1.0;
            for ($axis = 0; $axis < $axes && $share > 0; $axis++) {
                $at = 4 + 6 * ($axes * $i + $axis);
                $share *= self::share($place[$axis] ?? 0.0, $regions->f2dot14($at), $regions->f2dot14($at + 2), $regions->f2dot14($at + 4));
            }
            $this->shares[] = $share;
        }
    }

    /**
     * By how much a number differs at the place, in its own units: not at all where it is not in the store, which is how fonts say that.
     *
     * @throws UnreadableFont
     */
    public function delta(int $set, int $item): float
    {
        if ($set >= $this->count) {
            return 0.0;
        }
        [$table, $items, $start, $words, $size, $shares] = $this->sets[$set] ??= $this->set($set);
        if ($item >= $items) {
            return 0.0;
        }
        $isLong = ($words & self::LONG_WORDS) !== 0;
        $words &= ~self::LONG_WORDS;
        [$wide, $narrow] = $isLong ? [4, 2] : [2, 1];
        $at = $start + $size * $item;
        $sum = 0.0;
        foreach ($shares as $i => $share) {
            if ($share !== 0.0) {
                $sum += $share * match (true) {
                    $i < $words => $isLong ? $table->i32($at + $wide * $i) : $table->i16($at + $wide * $i),
                    $isLong => $table->i16($at + $wide * $words + $narrow * ($i - $words)),
                    default => $table->i8($at + $wide * $words + $narrow * ($i - $words)),
                };
            }
        }

        return $sum;
    }

    /** How far a region counts at a place of one axis: 0 outside, 1 at its peak. */
    public static function share(float $at, float $start, float $peak, float $end): float
    {
        return match (true) {
            $peak === 0.0, $start > $peak, $peak > $end, $start < 0 && $end > 0, $at === $peak => 1.0,
            $at <= $start, $at >= $end => 0.0,
            $at < $peak => ($at - $start) / ($peak - $start),
            default => ($end - $at) / ($end - $peak),
        };
    }

    /** @return array{FontBytes, int, int, int, int, list<float>} */
    private function set(int $number): array
    {
        $table = $this->table->from($this->table->u32(8 + 4 * $number));
        [$items, $words, $regions] = $table->u16s(0, 3);
        $shares = array_map(fn(int $region): float => $this->shares[$region] ?? 0.0, $table->u16s(6, $regions));
        $wide = $words & ~self::LONG_WORDS;
        $size = ($wide + $regions) * ($words & self::LONG_WORDS ? 2 : 1);

        return [$table, $items, 6 + 2 * $regions, $words, $size, $shares];
    }
}
