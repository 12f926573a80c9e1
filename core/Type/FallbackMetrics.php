<?php

declare(strict_types=1);

namespace Ikat\Core\Type;

/**
 * Overrides that give a font of the visitor's device the measures of a shop's font, so that text takes the same room
 * before and after the shop's font has arrived.
 *
 * Descriptors: CSS Fonts Module Level 5, 'size-adjust' and the metric overrides. All four are shares of the em, 1 = 100%.
 */
final readonly class FallbackMetrics
{
    private function __construct(
        public float $sizeAdjust,
        public float $ascentOverride,
        public float $descentOverride,
        public float $lineGapOverride,
    ) {}

    /** @param int $weight of the family's, 100..1000: the heavier, the wider its letters and those of the device's font */
    public static function for(FontFamily $family, int $weight = 400, bool $isItalic = false): self
    {
        $near = $family->nearestWeight($weight);
        $local = $family->kind->localMeasures($near, $isItalic);
        // Widths are brought together first; heights are then measured in the adjusted em.
        $width = ($isItalic ? $family->italicWidths : $family->averageWidths)[$near];
        $adjust = ($width / $family->unitsPerEm) / ($local['averageWidth'] / $local['unitsPerEm']);
        $em = $family->unitsPerEm * $adjust;

        return new self($adjust, $family->ascent / $em, -$family->descent / $em, $family->lineGap / $em);
    }
}
