<?php

declare(strict_types=1);

namespace Ikat\Core\Grid;

/** The proportion of a picture or of its frame: width by height. */
final class Proportion
{
    /**
     * What a picture is at least and at most where it keeps its own: slimmer ones would leave no room for words, or for anything beside.
     */
    public const LEAST = 0.5;
    public const MOST = 2.0;

    /** Pictures that keep their own are put to the nearest of these, as the stylesheet has them. */
    private const STEP = 0.05;

    /** Greatest number of a proportion in words. */
    private const PARTS = 16;

    /** In whole numbers, as people say it: 7:6. */
    public static function words(float $proportion): string
    {
        $best = [1, 1];
        foreach (range(1, self::PARTS) as $tall) {
            $wide = (int) max(1, round($proportion * $tall));
            $isNearer = abs(log($wide / $tall / $proportion)) < abs(log($best[0] / $best[1] / $proportion)) - 1e-3;
            if ($wide <= self::PARTS && $isNearer) {
                $best = [$wide, $tall];
            }
        }

        return "$best[0]:$best[1]";
    }

    /** What a picture of its own proportion is shown at. */
    public static function own(float $proportion): float
    {
        return max(self::LEAST, min(self::MOST, round($proportion / self::STEP) * self::STEP));
    }

    /** Class that says so. */
    public static function class(float $proportion): string
    {
        return 'own-'.(int) round(100 * self::own($proportion));
    }
}
