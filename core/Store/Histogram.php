<?php

declare(strict_types=1);

namespace Ikat\Core\Store;

/** A column of numbers as bars of equal width, whose ends are round numbers. */
final readonly class Histogram
{
    /**
     * @param int $from where the first bar begins
     * @param int $step how wide a bar is
     * @param list<int> $counts of the records in each: from its beginning, until before its end
     */
    private function __construct(public int $from, public int $step, public array $counts) {}

    /**
     * The bars a column is drawn in.
     *
     * @param int $least its smallest number
     * @param int $most its largest
     * @param int $bars at most so many, and at least half as many where the numbers allow it
     *
     * @return array{from: int, step: int, bars: int}
     */
    public static function scale(int $least, int $most, int $bars = 12): array
    {
        $step = 1;
        // 1, 2, 5, 10, 20, 50 ... until all fit.
        for ($i = 0; self::bars($least, $most, $step) > $bars; $i++) {
            $step = [2, 5, 10][$i % 3] * 10 ** intdiv($i, 3);
        }

        return ['from' => self::floor($least, $step) * $step, 'step' => $step, 'bars' => self::bars($least, $most, $step)];
    }

    /**
     * @param array{from: int, step: int, bars: int} $scale
     * @param array<int, int> $counts number of the bar => how many records
     */
    public static function of(array $scale, array $counts): self
    {
        return new self($scale['from'], $scale['step'], array_map(
            static fn(int $bar): int => $counts[$bar] ?? 0,
            range(0, $scale['bars'] - 1),
        ));
    }

    /** @return array{int, int} the first number of a bar, and the last */
    public function ends(int $bar): array
    {
        return [$this->from + $bar * $this->step, $this->from + ($bar + 1) * $this->step - 1];
    }

    private static function bars(int $least, int $most, int $step): int
    {
        return self::floor($most, $step) - self::floor($least, $step) + 1;
    }

    /** How often a step goes into a number, downwards for those less than nothing too. */
    private static function floor(int $number, int $step): int
    {
        return (int) floor($number / $step);
    }
}
