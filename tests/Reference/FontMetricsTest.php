<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ikat\Core\Type\FallbackMetrics;
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
            (string) shell_exec('node '.escapeshellarg(__DIR__.'/fonts.mjs').' '.escapeshellarg((string) json_encode(array_map(
                static fn($f): string => $f->kind->value,
                FontShelf::all(),
            )))),
            true,
            8,
            JSON_THROW_ON_ERROR,
        );
        self::assertSame(array_keys(FontShelf::all()), array_keys($reference));
        foreach (FontShelf::all() as $key => $family) {
            $expected = $reference[$key];
            self::assertSame($expected['measures'], [$family->unitsPerEm, $family->ascent, $family->descent, $family->lineGap], $key);
            self::assertSame(array_keys($expected['weights']), array_keys($family->averageWidths), $key);
            foreach ($expected['weights'] as $weight => $faces) {
                self::assertSame($faces['width'], $family->averageWidths[$weight], "$key $weight");
                $mine = FallbackMetrics::for($family, $weight);
                // The library writes percent with four decimals.
                foreach ([
                    [$mine->sizeAdjust, 'sizeAdjust'], [$mine->ascentOverride, 'ascentOverride'],
                    [$mine->descentOverride, 'descentOverride'], [$mine->lineGapOverride, 'lineGapOverride'],
                ] as [$share, $name]) {
                    self::assertEqualsWithDelta($faces[$name], $share * 100, 1e-4, "$key $weight $name");
                }
            }
        }
    }
}
