<?php

declare(strict_types=1);

namespace Ikat\Core\Grid;

/** Which pages of many are named. */
final class PageNumbers
{
    /** Pages named on either side of the one that is shown. */
    private const BESIDE = 1;

    /**
     * The first, the last, and those beside the one that is shown; a single page is named rather than left out.
     *
     * @param int $here from 1 to $last
     *
     * @return list<?int> null for pages that are left out
     */
    public static function near(int $here, int $last): array
    {
        $named = array_filter(
            range(1, max(1, $last)),
            static fn(int $n): bool => $n === 1 || $n === $last || abs($n - $here) <= self::BESIDE
                || ($n === 2 && $here - self::BESIDE === 3) || ($n === $last - 1 && $here + self::BESIDE === $last - 2),
        );
        $pages = [];
        $before = 0;
        foreach ($named as $n) {
            if ($n > $before + 1) {
                $pages[] = null;
            }
            $pages[] = $before = $n;
        }

        return $pages;
    }
}
