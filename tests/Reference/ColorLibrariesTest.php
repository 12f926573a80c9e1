<?php

declare(strict_types=1);

namespace Tests\Reference;

use Ikat\Core\Color\Ciede2000;
use Ikat\Core\Color\Color;
use Ikat\Core\Color\ColorSpace;
use Ikat\Core\Color\Contrast;
use PHPUnit\Framework\TestCase;

/**
 * Thousands of random colors against two reference libraries, colorjs.io and culori, run in Node.js.
 */
final class ColorLibrariesTest extends TestCase
{
    private const COUNT = 3000;

    /** @var list<string> */
    private static array $colors = [];

    /** @var list<array<string, mixed>> */
    private static array $answers = [];

    public static function setUpBeforeClass(): void
    {
        mt_srand(20261124);
        $r = static fn(float $from, float $to): float => round($from + mt_rand() / mt_getrandmax() * ($to - $from), 4);
        for ($i = 0; $i < self::COUNT; $i++) {
            self::$colors[] = match ($i % 7) {
                0, 1 => sprintf('#%06x', mt_rand(0, 0xFFFFFF)),
                2 => sprintf('oklch(%s %s %s)', $r(0.05, 0.98), $r(0, 0.35), $r(0, 360)),
                3 => sprintf('lab(%s %s %s)', $r(2, 99), $r(-90, 90), $r(-90, 90)),
                4 => sprintf('color(display-p3 %s %s %s)', $r(0, 1), $r(0, 1), $r(0, 1)),
                5 => sprintf('hsl(%s %s%% %s%%)', $r(0, 360), $r(1, 100), $r(1, 99)),
                default => sprintf('rgb(%s %s %s)', $r(0, 255), $r(0, 255), $r(0, 255)),
            };
        }
        $lines = array_map(
            static fn(string $c, int $i): string => $c."\t".self::$colors[($i + 1) % self::COUNT],
            self::$colors,
            array_keys(self::$colors),
        );
        self::$answers = self::ask($lines);
    }

    public function testConversionsAgreeToAMillionth(): void
    {
        $spaces = [
            'srgb' => ColorSpace::Srgb, 'lab' => ColorSpace::Lab, 'oklab' => ColorSpace::Oklab, 'xyz-d65' => ColorSpace::XyzD65,
            'p3' => ColorSpace::DisplayP3, 'a98rgb' => ColorSpace::A98Rgb, 'prophoto' => ColorSpace::ProphotoRgb,
        ];
        foreach (self::$colors as $i => $text) {
            foreach ($spaces as $key => $space) {
                $this->assertClose(
                    self::$answers[$i]['colorjs'][$key],
                    Color::parse($text)->to($space)->numbers(),
                    $space === ColorSpace::Lab ? 1e-4 : 1e-6,
                    "$text to $key",
                );
            }
        }
    }

    /** colorjs.io follows the drafts of 2025, whose rec2020 is a plain power; culori has the curve of BT.2020 as browsers paint it. */
    public function testRec2020AgreesWithTheSecondLibrary(): void
    {
        foreach (self::$colors as $i => $text) {
            if (str_starts_with($text, '#')) {
                $this->assertClose(
                    self::$answers[$i]['culori']['rec2020'],
                    Color::parse($text)->to(ColorSpace::Rec2020)->numbers(),
                    1e-5,
                    $text,
                );
            }
        }
    }

    public function testHuesAgreeWhereThereIsOne(): void
    {
        foreach (self::$colors as $i => $text) {
            [$l, $c, $h] = self::$answers[$i]['colorjs']['oklch'];
            $ours = Color::parse($text)->to(ColorSpace::Oklch);
            self::assertEqualsWithDelta($l, $ours->first, 1e-6, $text);
            self::assertEqualsWithDelta($c, $ours->second, 1e-6, $text);
            if ($h !== null && $c > 0.001) {
                $apart = abs(fmod($h - $ours->third + 540, 360) - 180);
                self::assertLessThan(1e-4, $apart, $text);
            }
        }
    }

    /**
     * culori gives hsl and hwb as shares of one; its Lab is relative to D50 as CSS's is. Its Oklab uses Ottosson's first matrices, not
     * those of CSS Color 4, and differs in the fourth decimal; colorjs.io is the judge there.
     */
    public function testTheSecondLibraryAgrees(): void
    {
        foreach (self::$colors as $i => $text) {
            $color = Color::parse($text);
            $this->assertClose(self::$answers[$i]['culori']['srgb'], $color->to(ColorSpace::Srgb)->numbers(), 2e-5, "$text to srgb");
            if ($color->inGamut()) {
                [$h, $w, $b] = self::$answers[$i]['culori']['hwb'];
                $ours = $color->to(ColorSpace::Hwb);
                self::assertEqualsWithDelta($w * 100, $ours->second, 2e-3, $text);
                self::assertEqualsWithDelta($b * 100, $ours->third, 2e-3, $text);
                if (str_starts_with($text, '#') && $h !== null && $ours->first !== null) {
                    self::assertEqualsWithDelta($h, $ours->first, 1e-6, $text);
                }
            }
        }
    }

    public function testHexColorsAgreeWithTheSecondLibraryToAMillionth(): void
    {
        foreach (self::$colors as $i => $text) {
            if (str_starts_with($text, '#')) {
                $this->assertClose(self::$answers[$i]['culori']['srgb'], Color::parse($text)->numbers(), 1e-6, $text);
            }
        }
    }

    public function testGamutMappingAgreesWithTheCssMethod(): void
    {
        $outside = 0;
        foreach (self::$colors as $i => $text) {
            $color = Color::parse($text);
            if (! $color->inGamut()) {
                $outside++;
                $this->assertClose(self::$answers[$i]['mapped'], $color->shown()->numbers(), 0.003, "$text mapped");
            }
        }
        self::assertGreaterThan(300, $outside, 'the colors are wide enough to try the mapping');
    }

    public function testContrastAndDifferenceAgree(): void
    {
        foreach (self::$colors as $i => $text) {
            $a = Color::parse($text);
            $b = Color::parse(self::$colors[($i + 1) % self::COUNT]);
            $pair = self::$answers[$i]['pair'];
            self::assertEqualsWithDelta($pair['ciede2000'], Ciede2000::difference($a, $b), 1e-6, $text);
            if ($a->inGamut() && $b->inGamut()) {
                // colorjs.io weighs with the longer coefficients of XYZ, WCAG with four decimals: 0.1% apart at most.
                self::assertEqualsWithDelta($pair['colorjsContrast'], Contrast::ratio($a, $b), 0.001 * $pair['colorjsContrast'], $text);
                self::assertEqualsWithDelta($pair['culoriContrast'], Contrast::ratio($a, $b), 0.0002 * $pair['culoriContrast'], $text);
            }
        }
    }

    /**
     * @param list<?float> $expected
     * @param list<float> $actual
     */
    private function assertClose(array $expected, array $actual, float $delta, string $what): void
    {
        foreach ($expected as $i => $value) {
            self::assertEqualsWithDelta($value ?? 0.0, $actual[$i], $delta, $what);
        }
    }

    /**
     * @param list<string> $lines
     *
     * @return list<array<string, mixed>>
     */
    private static function ask(array $lines): array
    {
        $in = tempnam(sys_get_temp_dir(), 'ikat');
        file_put_contents($in, implode("\n", $lines)."\n");
        exec('node '.escapeshellarg(__DIR__.'/colors.mjs').' < '.escapeshellarg($in), $out, $code);
        unlink($in);
        self::assertSame(0, $code, 'Node.js answered');

        return array_map(static fn(string $line): array => json_decode($line, true, 8, JSON_THROW_ON_ERROR), $out);
    }
}
