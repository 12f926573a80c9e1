<?php

declare(strict_types=1);

namespace Tests\Core\Color;

use Ikat\Core\Color\Ciede2000;
use Ikat\Core\Color\Color;
use Ikat\Core\Color\ColorSpace;
use Ikat\Core\Color\Contrast;
use Ikat\Core\Color\ContrastFix;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ContrastFixTest extends TestCase
{
    /** @return iterable<array{string, string, float}> */
    public static function pairs(): iterable
    {
        yield ['#c54e12', '#f9f3e6', 4.5];
        yield ['#f6c159', '#f9f3e6', 4.5];
        yield ['#08b6af', '#ffffff', 3.0];
        yield ['#777777', '#808080', 4.5];
        yield ['#2c2b76', '#101030', 4.5];
        mt_srand(7);
        for ($i = 0; $i < 12; $i++) {
            yield [sprintf('#%06x', mt_rand(0, 0xFFFFFF)), sprintf('#%06x', mt_rand(0, 0xFFFFFF)), $i % 2 ? 4.5 : 3.0];
        }
    }

    /** Against a search through every lightness and chroma of the hue in fine steps. */
    #[DataProvider('pairs')]
    public function testIsNoMoreVisibleThanExhaustiveSearchFinds(string $ink, string $ground, float $ratio): void
    {
        $from = Color::parse($ink);
        $on = Color::parse($ground);
        $fix = ContrastFix::nearest($from, $on, $ratio);
        $best = $this->exhaustive($from, $on, $ratio);
        if ($best === null) {
            self::assertNull($fix);

            return;
        }
        self::assertNotNull($fix);
        self::assertGreaterThanOrEqual($ratio, Contrast::ratio($fix, $on));
        self::assertLessThanOrEqual($best + 0.1, Ciede2000::difference($from, $fix));
    }

    #[DataProvider('pairs')]
    public function testKeepsTheHue(string $ink, string $ground, float $ratio): void
    {
        $before = Color::parse($ink)->to(ColorSpace::Oklch);
        $after = ContrastFix::nearest(Color::parse($ink), Color::parse($ground), $ratio)?->to(ColorSpace::Oklch);
        if ($after === null || $before->third === null || $after->third === null || $after->second < 0.03) {
            self::assertTrue($before->third !== null || $after === null || $after->second < 0.001, 'a gray stays a gray');

            return;
        }
        // 8-bit rounding moves the hue a little, the more the grayer the color.
        self::assertLessThan(0.2 / $after->second + 1, abs(fmod($after->third - $before->third + 540, 360) - 180));
    }

    public function testLeavesAloneWhatPasses(): void
    {
        self::assertSame('#20212b', ContrastFix::nearest(Color::parse('#20212b'), Color::parse('#fff'), 4.5)?->hex());
    }

    public function testSaysSoWhenThereIsNone(): void
    {
        self::assertNull(ContrastFix::nearest(Color::parse('#f00'), Color::parse('#777'), 12.0));
    }

    private function exhaustive(Color $from, Color $on, float $ratio): ?float
    {
        $current = Color::parse($from->hex());
        if (Contrast::ratio($current, $on) >= $ratio) {
            return 0.0;
        }
        [, $chroma, $hue] = $from->to(ColorSpace::Oklch)->coordinates();
        $lab = $from->to(ColorSpace::Lab)->numbers();
        $best = null;
        for ($l = 0; $l <= 200; $l++) {
            for ($c = 0; $c <= ($hue === null ? 0 : 40); $c++) {
                $candidate = Color::in(ColorSpace::Oklch, $l / 200, $c / 40 * max(0.02, (float) $chroma) * 1.3, $hue);
                if (! $candidate->inGamut()) {
                    continue;
                }
                $candidate = Color::parse($candidate->hex());
                if (Contrast::ratio($candidate, $on) >= $ratio) {
                    $d = Ciede2000::ofLab($lab, $candidate->to(ColorSpace::Lab)->numbers());
                    $best = $best === null ? $d : min($best, $d);
                }
            }
        }

        return $best;
    }
}
