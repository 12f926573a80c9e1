<?php

declare(strict_types=1);

namespace Ikat\Core\Color;

/**
 * CSS Color 4 gamut mapping to sRGB: chroma reduction in OKLCH with local clipping.
 *
 * Source: CSS Color Module Level 4, section 13.2.4, "binary search with local MINDE".
 */
final class GamutMapping
{
    private const JUST_NOTICEABLE = 0.02;
    private const EPSILON = 0.0001;

    /** @return Color in sRGB, every channel 0..1 */
    public static function toSrgb(Color $color): Color
    {
        [$l, $chroma, $hue] = $color->to(ColorSpace::Oklch)->coordinates();
        $l ??= 0.0;
        if ($l >= 1.0) {
            return Color::in(ColorSpace::Srgb, 1, 1, 1, $color->alpha);
        }
        if ($l <= 0.0) {
            return Color::in(ColorSpace::Srgb, 0, 0, 0, $color->alpha);
        }
        $current = Color::in(ColorSpace::Oklch, $l, $chroma, $hue, $color->alpha);
        $clipped = self::clip($current);
        if (self::difference($clipped, $current) < self::JUST_NOTICEABLE) {
            return $clipped;
        }

        return self::search($l, $chroma ?? 0.0, $hue, $color->alpha, $clipped);
    }

    private static function search(float $l, float $chroma, ?float $hue, float $alpha, Color $clipped): Color
    {
        $min = 0.0;
        $max = $chroma;
        $minInGamut = true;
        while ($max - $min > self::EPSILON) {
            $middle = ($min + $max) / 2;
            $current = Color::in(ColorSpace::Oklch, $l, $middle, $hue, $alpha);
            if ($minInGamut && $current->inGamut()) {
                $min = $middle;

                continue;
            }
            $clipped = self::clip($current);
            $e = self::difference($clipped, $current);
            if ($e >= self::JUST_NOTICEABLE) {
                $max = $middle;

                continue;
            }
            if (self::JUST_NOTICEABLE - $e < self::EPSILON) {
                return $clipped;
            }
            $minInGamut = false;
            $min = $middle;
        }

        return $clipped;
    }

    private static function clip(Color $color): Color
    {
        [$r, $g, $b] = $color->to(ColorSpace::Srgb)->numbers();
        $clip = static fn(float $v): float => max(0.0, min(1.0, $v));

        return Color::in(ColorSpace::Srgb, $clip($r), $clip($g), $clip($b), $color->alpha);
    }

    /** Euclidean distance in Oklab. */
    private static function difference(Color $a, Color $b): float
    {
        [$l1, $a1, $b1] = $a->to(ColorSpace::Oklab)->numbers();
        [$l2, $a2, $b2] = $b->to(ColorSpace::Oklab)->numbers();

        return sqrt(($l1 - $l2) ** 2 + ($a1 - $a2) ** 2 + ($b1 - $b2) ** 2);
    }
}
