<?php

declare(strict_types=1);

namespace Ikat\Core\Compile;

/**
 * Heading sizes as a geometric series over the text size, growing with the width of the window.
 *
 * On a phone the ratio is eased to its square root above one, so that large headings do not fill the screen
 * (common practice, no source). Form: CSS Values and Units Level 4, clamp().
 */
final class TypeScale
{
    /** Window widths, in px, at which the smallest and the largest size are reached. */
    public const NARROW = 390;
    public const WIDE = 1280;

    /** -1 is small print, 0 the text, up to 6. */
    public const STEPS = [-1, 0, 1, 2, 3, 4, 5, 6];

    /** @return array<int, string> step => CSS length; step 0 is the text, -1 smaller, up to 6 */
    public static function sizes(float $base, float $ratio): array
    {
        $sizes = [];
        foreach (self::STEPS as $step) {
            $sizes[$step] = self::fluid(self::small($base, $ratio, $step), self::large($base, $ratio, $step));
        }

        return $sizes;
    }

    /** The size on a narrow phone, in px: what contrast targets for large text are measured by. */
    public static function small(float $base, float $ratio, int $step): float
    {
        // Small print and text do not shrink on a phone.
        return round($step <= 0 ? max(12.0, $base * $ratio ** ($step * 0.5)) : $base * sqrt($ratio) ** $step * 1.06, 2);
    }

    /** The size on a desktop, in px; nothing is smaller there than on a phone for being small print. */
    public static function large(float $base, float $ratio, int $step): float
    {
        return $step < 0 ? self::small($base, $ratio, $step) : round($base * $ratio ** $step, 2);
    }

    /**
     * The size of a voice between its two ends, as CSS: from one end to the other as the window widens, and never beyond.
     *
     * Both ends are in rem, so that letters grow where somebody has chosen larger ones in the browser (WCAG 2.2, 1.4.4).
     */
    public static function between(string $phone, string $desktop): string
    {
        $rem = static fn(string $number): string => "calc($number * 1rem / 16)";

        return sprintf(
            'clamp(%s, calc(%s * 1rem / 16 + (%s - %s) * (100vw - %dpx) / %d), %s)',
            $rem("min($phone, $desktop)"),
            $phone,
            $desktop,
            $phone,
            self::NARROW,
            self::WIDE - self::NARROW,
            $rem("max($phone, $desktop)"),
        );
    }

    /** The size of a voice in a window so wide, px. */
    public static function at(float $phone, float $desktop, float $width): float
    {
        $share = ($width - self::NARROW) / (self::WIDE - self::NARROW);

        return $phone + ($desktop - $phone) * max(0.0, min(1.0, $share));
    }

    private static function fluid(float $small, float $large): string
    {
        if ($large - $small < 0.5) {
            return self::px($small);
        }
        $slope = ($large - $small) / (self::WIDE - self::NARROW);

        return sprintf(
            'clamp(%s, %s + %svw, %s)',
            self::px($small),
            self::px(round($small - $slope * self::NARROW, 3)),
            round($slope * 100, 4),
            self::px($large),
        );
    }

    private static function px(float $v): string
    {
        return round($v, 3).'px';
    }
}
