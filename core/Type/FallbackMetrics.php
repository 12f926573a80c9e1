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

    public static function for(FontFamily $family): self
    {
        $local = $family->kind->localMeasures();
        // Widths are brought together first; heights are then measured in the adjusted em.
        $adjust = ($family->averageWidth / $family->unitsPerEm) / ($local['averageWidth'] / $local['unitsPerEm']);
        $em = $family->unitsPerEm * $adjust;

        return new self($adjust, $family->ascent / $em, -$family->descent / $em, $family->lineGap / $em);
    }
}
