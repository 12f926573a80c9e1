<?php

declare(strict_types=1);

namespace Tests\Core\Type\OpenType;

use Ikat\Core\Type\OpenType\AdvanceVariations;
use Ikat\Core\Type\OpenType\Axes;
use Ikat\Core\Type\OpenType\FontFile;
use Ikat\Core\Type\OpenType\OutlineVariations;
use Ikat\Core\Type\OpenType\VariationStore;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class VariationsTest extends TestCase
{
    private static function file(string $name): FontFile
    {
        return FontFile::of((string) file_get_contents(dirname(__DIR__, 4)."/build/fonts/$name.ttf"));
    }

    /** OpenType 1.9, "OpenType Font Variations Overview", algorithm for interpolation of instance values: the shares of regions. */
    public function testARegionCountsFullyAtItsPeakAndNotOutside(): void
    {
        $share = VariationStore::share(...);
        self::assertSame(
            [0.0, 0.5, 1.0, 0.5, 0.0],
            array_map(static fn(float $at): float => $share($at, 0.0, 0.5, 1.0), [0.0, 0.25, 0.5, 0.75, 1.0]),
        );
        self::assertSame([0.0, 0.25, 1.0], array_map(static fn(float $at): float => $share($at, 0.0, 1.0, 1.0), [-0.5, 0.25, 1.0]));
        self::assertSame(1.0, $share(0.3, 0.0, 0.0, 0.0), 'an axis without a peak is not asked');
        self::assertSame(1.0, $share(0.3, 0.8, 0.5, 1.0), 'nor one that contradicts itself');
    }

    public function testWeightsAreNormalizedAroundTheDefault(): void
    {
        // Work Sans is drawn from its lightest, Karla from a weight between, Fraunces from its heaviest.
        foreach (['work-sans', 'karla', 'fraunces'] as $family) {
            $axes = Axes::read(self::file("$family-latin"));
            ['least' => $least, 'default' => $default, 'most' => $most] = $axes->axis('wght') ?? self::fail('no weights');
            $at = static fn(float $weight): float => $axes->normalized(['wght' => $weight])[0];
            self::assertSame([0.0, 0.0], [...$axes->normalized([]), $at($default)]);
            self::assertSame([$default > $least ? -1.0 : 0.0, $most > $default ? 1.0 : 0.0], [$at(1.0), $at(1000.0)], 'bounds hold');
            $weights = array_map($at, range($least, $most, 50));
            $sorted = $weights;
            sort($sorted);
            self::assertSame($sorted, $weights, $family);
        }
    }

    /** @return iterable<string, array{string}> */
    public static function variable(): iterable
    {
        foreach (['karla', 'lora', 'figtree', 'work-sans'] as $family) {
            yield $family => ["$family-latin"];
        }
    }

    /** HVAR says in short what gvar says by the outlines' sides: both of one font give the same widths. */
    #[DataProvider('variable')]
    public function testTheOutlinesAreAsMuchWiderAsTheTableOfWidthsSays(string $name): void
    {
        $file = self::file($name);
        $axes = Axes::read($file);
        $glyphs = $file->table('maxp')->u16(4);
        $compared = 0;
        foreach ([437.0, 615.0] as $weight) {
            $place = $axes->normalized(['wght' => $weight]);
            [$table, $outlines] = [new AdvanceVariations($file->table('HVAR'), $place), new OutlineVariations($file, $place)];
            for ($glyph = 0; $glyph < $glyphs; $glyph++) {
                self::assertEqualsWithDelta($table->delta($glyph), $outlines->delta($glyph), 1.0, "$name, glyph $glyph at $weight");
                $compared += $table->delta($glyph) !== 0.0 ? 1 : 0;
            }
        }
        self::assertGreaterThan(100, $compared);
    }
}
