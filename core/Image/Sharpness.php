<?php

declare(strict_types=1);

namespace Ikat\Core\Image;

/** Pixels there are against pixels needed. A screen of density n shows n by n pixels where CSS says one. */
final class Sharpness
{
    public const DENSITIES = [1, 2, 3];

    /**
     * @param int $pixels the picture's own height
     * @param bool $vector drawn from outlines, sharp at any size
     *
     * @return array<int, ?int> density => greatest CSS height in px that stays sharp; null where any does
     */
    public static function upTo(int $pixels, bool $vector): array
    {
        return array_combine(self::DENSITIES, array_map(static fn(int $d): ?int => $vector ? null : intdiv($pixels, $d), self::DENSITIES));
    }

    /**
     * @param float $shown CSS height in px
     *
     * @return float share of the pixels needed that are there, 0..1
     */
    public static function share(int $pixels, float $shown, int $density): float
    {
        return $shown <= 0 ? 1.0 : min(1.0, $pixels / ($shown * $density));
    }
}
