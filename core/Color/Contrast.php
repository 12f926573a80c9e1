<?php

declare(strict_types=1);

namespace Ikat\Core\Color;

/**
 * Relative luminance and contrast ratio as WCAG 2.2 defines them.
 *
 * Colors a screen cannot show are gamut-mapped first: contrast is about what is seen.
 */
final class Contrast
{
    /** Black on white. */
    public const BEST = 21.0;

    /** WCAG 2.2, 1.4.3 Contrast (Minimum). */
    public const TEXT = 4.5;
    /** WCAG 2.2, 1.4.3, for text of at least 24 px, or 18.66 px bold. */
    public const LARGE_TEXT = 3.0;
    /** WCAG 2.2, 1.4.11 Non-text Contrast. */
    public const NON_TEXT = 3.0;

    /** Relative luminance from which black and white stand out alike: the root of 1.05 times 0.05, less 0.05. */
    public const MIDDLE = 0.179;

    /** Whether light things stand out from a color better than dark ones. */
    public static function isDark(Color $color): bool
    {
        return self::luminance($color) < self::MIDDLE;
    }

    /** @return float 0..1 */
    public static function luminance(Color $color): float
    {
        $straight = $color->space === ColorSpace::Srgb ? FromSrgb::luminance($color->first, $color->second, $color->third) : null;
        if ($straight !== null) {
            return $straight;
        }
        $c = $color->shown();

        return 0.2126 * Transfer::srgbToLinear(max(0.0, $c->first ?? 0.0))
            + 0.7152 * Transfer::srgbToLinear(max(0.0, $c->second ?? 0.0))
            + 0.0722 * Transfer::srgbToLinear(max(0.0, $c->third ?? 0.0));
    }

    /**
     * The ratio an eye gets: a see-through ground is laid over white paper, a see-through ink over the ground.
     *
     * @return float 1..21, unrounded
     */
    public static function ratio(Color $ink, Color $ground): float
    {
        if ($ground->alpha < 1) {
            $ground = Compositing::over($ground, Color::in(ColorSpace::Srgb, 1, 1, 1));
        }
        if ($ink->alpha < 1) {
            $ink = Compositing::over($ink, $ground);
        }

        return self::ofLuminances(self::luminance($ink), self::luminance($ground));
    }

    public static function ofLuminances(float $a, float $b): float
    {
        return $a > $b ? ($a + 0.05) / ($b + 0.05) : ($b + 0.05) / ($a + 0.05);
    }
}
