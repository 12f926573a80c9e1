<?php

declare(strict_types=1);

namespace Ikat\Core\Image;

/**
 * Which of a picture's files a browser loads, by "srcset" with widths and "sizes".
 *
 * HTML, 4.8.4.2.6, leaves the choice to the browser. Chromium takes the least file that is dense enough, as weight.test.mjs has it from
 * what it loads.
 */
final class SrcsetChoice
{
    private const NEAR = 0.01;

    /**
     * @param non-empty-list<int> $widths px of the files, smallest first
     * @param float $shown CSS px that the page says the picture takes
     * @param float $density dots of the screen by CSS px
     *
     * @return int one of the widths
     */
    public static function of(array $widths, float $shown, float $density): int
    {
        foreach ($widths as $width) {
            if ($width >= $shown * $density - self::NEAR) {
                return $width;
            }
        }

        return $widths[count($widths) - 1];
    }
}
