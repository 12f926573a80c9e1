<?php

declare(strict_types=1);

namespace Ikat\Core\Color;

/** A color difference in the words of somebody who looks at both colors. */
final class SeenDifference
{
    /**
     * CIEDE2000 below which hardly anybody sees it: the mean that observers just notice is about 2.3 of CIELAB (Mahy et al. 1994, from
     * memory).
     */
    private const HARDLY = 2.3;

    /** CIEDE2000 from which nobody takes one color for the other (common practice, no source). */
    private const CLEARLY = 10.0;

    /** @param float $difference CIEDE2000 */
    public static function inWords(float $difference): string
    {
        return match (true) {
            $difference < self::HARDLY => 'hardly seen',
            $difference < self::CLEARLY => 'seen side by side',
            default => 'clearly different',
        };
    }
}
