<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ikat\Core\Type\FallbackMetrics;
use Ikat\Core\Type\FontFamily;
use Ikat\Core\Type\FontShelf;
use PHPUnit\Framework\TestCase;

/**
 * The font shelf's measures and the overrides computed from them, against @capsizecss/metrics and @capsizecss/core
 * (published measures of the fonts' own tables, and an independent computation of the CSS Fonts 5 descriptors).
 */
final class FontMetricsTest extends TestCase
{
    public function testAgreesWithTheReferenceLibrary(): void
    {
        $reference = json_decode(
            (string) shell_exec('node '.escapeshellarg(__DIR__.'/fonts.mjs').' '.escapeshellarg((string) json_encode(array_column(
                array_map(static fn(FontFamily $f): array => [$f->name, $f->kind->value], FontShelf::all()),
                1,
                0,
            )))),
            true,
            8,
            JSON_THROW_ON_ERROR,
        );
        self::assertCount(count(FontShelf::all()), $reference);
        foreach (FontShelf::all() as $key => $family) {
            $expected = $reference[$family->name];
            self::assertSame($expected['measures'], [$family->unitsPerEm, $family->ascent, $family->descent, $family->lineGap], $key);
            foreach ([
                [false, 'upright', $family->averageWidths],
                [true, 'italic', $family->italicWidths],
            ] as [$isItalic, $style, $widths]) {
                foreach ($widths as $weight => $width) {
                    $faces = $expected[$style][$weight];
                    self::assertSame($faces['width'], $width, "$key $weight $style");
                    $mine = FallbackMetrics::for($family, $weight, $isItalic);
                    // The library writes percent with four decimals.
                    foreach ([
                        [$mine->sizeAdjust, 'sizeAdjust'], [$mine->ascentOverride, 'ascentOverride'],
                        [$mine->descentOverride, 'descentOverride'], [$mine->lineGapOverride, 'lineGapOverride'],
                    ] as [$share, $name]) {
                        self::assertEqualsWithDelta($faces[$name], $share * 100, 1e-4, "$key $weight $style $name");
                    }
                }
            }
            self::assertSame(range($family->lightest, $family->heaviest, 100), array_keys($family->averageWidths), $key);
        }
    }
}
