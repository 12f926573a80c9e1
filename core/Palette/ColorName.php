<?php

declare(strict_types=1);

namespace Ikat\Core\Palette;

use Ikat\Core\Color\Color;
use Ikat\Core\Color\ColorSpace;

/** A color in plain words, from its OKLCH lightness, chroma and hue (common practice, no source). */
final class ColorName
{
    /** hue in degrees up to which => word */
    private const HUES = [
        12 => 'pink-red', 32 => 'red', 58 => 'orange', 80 => 'amber', 112 => 'yellow', 135 => 'lime', 165 => 'green', 200 => 'teal',
        235 => 'sky blue', 280 => 'blue', 305 => 'violet', 335 => 'purple', 352 => 'pink', 361 => 'pink-red',
    ];

    public static function of(Color $color): string
    {
        [$l, $c, $h] = $color->to(ColorSpace::Oklch)->numbers();
        if ($c < 0.025) {
            return match (true) {
                $l > 0.97 => 'white',
                $l > 0.85 => 'pale gray',
                $l > 0.6 => 'light gray',
                $l > 0.4 => 'gray',
                $l > 0.25 => 'dark gray',
                default => 'black',
            };
        }
        $word = 'red';
        foreach (self::HUES as $up => $name) {
            if ($h < $up) {
                $word = $name;
                break;
            }
        }
        if (in_array($word, ['orange', 'amber'], true) && $l < 0.6) {
            $word = 'brown';
        }
        $light = match (true) {
            $l > 0.88 => 'pale ',
            $l > 0.74 => 'light ',
            $l > 0.48 => '',
            $l > 0.3 => 'deep ',
            default => 'very dark ',
        };

        return ($c < 0.06 && $l <= 0.88 ? 'grayish ' : $light).$word;
    }
}
