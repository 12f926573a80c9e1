<?php

declare(strict_types=1);

namespace Ikat\Core\Grid\Filter;

/**
 * A few ranges of prices with round ends, each with about as many products as the others: a range of quantiles, rounded to what is easy to
 * read (common practice, no source).
 */
final class PriceBands
{
    /** Ranges at most, and products from which on ranges say anything. */
    private const MOST = 4;
    private const LEAST = 6;

    /** What an end begins with, of any power of ten. */
    private const ROUND = [1.0, 1.5, 2.0, 2.5, 3.0, 4.0, 5.0, 6.0, 8.0, 10.0];

    /**
     * @param list<int> $prices in hundredths
     *
     * @return list<array{int, ?int}> from, and up to but without: null for any above; none where there is nothing to choose
     */
    public static function of(array $prices): array
    {
        sort($prices);
        $count = count($prices);
        if ($count < self::LEAST) {
            return [];
        }
        $ends = [];
        for ($n = 1; $n < self::MOST; $n++) {
            $end = self::round($prices[intdiv($n * $count, self::MOST)]);
            if ($end > $prices[0] && $end <= $prices[$count - 1]) {
                $ends[$end] = $end;
            }
        }
        sort($ends);

        return $ends === [] ? [] : array_map(
            static fn(int $n): array => [$n === 0 ? 0 : $ends[$n - 1], $ends[$n] ?? null],
            range(0, count($ends)),
        );
    }

    /** The nearest round number of whole units. */
    private static function round(int $price): int
    {
        $power = 100 * 10 ** (strlen((string) max(1, intdiv($price, 100))) - 1);
        $share = $price / $power;
        $ends = self::ROUND;
        usort($ends, static fn(float $a, float $b): int => abs($a - $share) <=> abs($b - $share));

        return (int) (100 * max(1, (int) round($ends[0] * $power / 100)));
    }
}
