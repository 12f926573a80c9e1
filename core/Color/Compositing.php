<?php

declare(strict_types=1);

namespace Ikat\Core\Color;

/** Source-over compositing in sRGB, as browsers do it (Compositing and Blending Level 1, section 5.1). */
final class Compositing
{
    /** @return Color in sRGB */
    public static function over(Color $top, Color $bottom): Color
    {
        $t = $top->shown()->numbers();
        $b = $bottom->shown()->numbers();
        $alpha = $top->alpha + $bottom->alpha * (1 - $top->alpha);
        if ($alpha === 0.0) {
            return Color::in(ColorSpace::Srgb, 0, 0, 0, 0.0);
        }
        $mix = static fn(float $x, float $y): float => ($x * $top->alpha + $y * $bottom->alpha * (1 - $top->alpha)) / $alpha;

        return Color::in(ColorSpace::Srgb, $mix($t[0], $b[0]), $mix($t[1], $b[1]), $mix($t[2], $b[2]), $alpha);
    }
}
