<?php

declare(strict_types=1);

namespace Ikat\Core\Image;

/** Whether a mark is still one at a tiny size: how much of its light and dark is left there. */
final class MarkDetail
{
    /** Share of the large mark's contrast that must be left for it to be recognized (common practice, no source). */
    public const NEEDED = 0.5;

    /**
     * @param PixelGrid $large the mark on its ground, opaque
     * @param PixelGrid $small the same, scaled down
     *
     * @return array{kept: float, contrast: float} share of the large mark's spread of light that is left, 0..1;
     *     WCAG contrast between the darkest and the lightest tenth of the small one
     */
    public static function measure(PixelGrid $large, PixelGrid $small): array
    {
        $a = self::lights($large);
        $b = self::lights($small);
        $tenth = max(1, intdiv(count($b), 10));
        sort($b);
        $dark = array_sum(array_slice($b, 0, $tenth)) / $tenth;
        $light = array_sum(array_slice($b, -$tenth)) / $tenth;
        $spread = self::spread($a);

        return ['kept' => $spread < 1e-6 ? 0.0 : min(1.0, self::spread($b) / $spread), 'contrast' => ($light + 0.05) / ($dark + 0.05)];
    }

    /** @return non-empty-list<float> relative luminance by pixel */
    private static function lights(PixelGrid $pixels): array
    {
        $lights = [];
        for ($y = 0; $y < $pixels->height(); $y++) {
            for ($x = 0; $x < $pixels->width(); $x++) {
                $p = $pixels->argb($x, $y);
                $lights[] = 0.2126 * (($p >> 16 & 255) / 255) ** 2.2
                    + 0.7152 * (($p >> 8 & 255) / 255) ** 2.2
                    + 0.0722 * (($p & 255) / 255) ** 2.2;
            }
        }

        return $lights === [] ? [0.0] : $lights;
    }

    /** @param non-empty-list<float> $values */
    private static function spread(array $values): float
    {
        $mean = array_sum($values) / count($values);

        return sqrt(array_sum(array_map(static fn(float $v): float => ($v - $mean) ** 2, $values)) / count($values));
    }
}
