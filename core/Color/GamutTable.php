<?php

declare(strict_types=1);

namespace Ikat\Core\Color;

/** How far chroma can go in sRGB, and where a contrast is met: what a color picker draws. OKLCH throughout. */
final class GamutTable
{
    /** No sRGB color has more chroma than this. */
    public const MOST_CHROMA = 0.33;

    /**
     * The largest chroma in sRGB for every hue and lightness.
     *
     * @param int $hues how many hues, evenly from 0
     * @param int $steps lightness from 0 to 1 in this many steps
     *
     * @return list<list<float>> hue => lightness step => chroma
     */
    public static function edges(int $hues, int $steps): array
    {
        $table = [];
        for ($i = 0; $i < $hues; $i++) {
            $row = [];
            for ($j = 0; $j <= $steps; $j++) {
                $row[] = round(self::edge($j / $steps, 360 * $i / $hues), 4);
            }
            $table[] = $row;
        }

        return $table;
    }

    public static function edge(float $lightness, float $hue): float
    {
        $low = 0.0;
        $high = self::MOST_CHROMA;
        for ($i = 0; $i < 14; $i++) {
            $middle = ($low + $high) / 2;
            Color::in(ColorSpace::Oklch, $lightness, $middle, $hue)->inGamut() ? $low = $middle : $high = $middle;
        }

        return $low;
    }

    /**
     * The line on which colors of one hue have exactly a contrast ratio with another color.
     *
     * @return list<list<array{float, float}>> up to two lines of points [chroma, lightness], the lighter first
     */
    public static function contrastLines(Color $against, float $ratio, float $hue, int $steps = 12): array
    {
        $y = Contrast::luminance($against);
        $lines = [];
        foreach ([($y + 0.05) * $ratio - 0.05, ($y + 0.05) / $ratio - 0.05] as $goal) {
            if ($goal < 0 || $goal > 1) {
                continue;
            }
            $line = [];
            for ($i = 0; $i <= $steps; $i++) {
                $chroma = self::MOST_CHROMA * $i / $steps;
                $line[] = [round($chroma, 4), round(self::lightness($goal, $chroma, $hue), 4)];
            }
            $lines[] = $line;
        }

        return $lines;
    }

    private static function lightness(float $luminance, float $chroma, float $hue): float
    {
        $h = $hue * M_PI / 180;
        $low = 0.0;
        $high = 1.0;
        for ($i = 0; $i < 16; $i++) {
            $middle = ($low + $high) / 2;
            // Row Y of XYZ is relative luminance; out of gamut it goes on smoothly, which is what a drawn line wants.
            OklabConversion::toXyz([$middle, $chroma * cos($h), $chroma * sin($h)])[1] < $luminance ? $low = $middle : $high = $middle;
        }

        return ($low + $high) / 2;
    }
}
