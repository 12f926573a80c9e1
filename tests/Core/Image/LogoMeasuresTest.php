<?php

declare(strict_types=1);

namespace Tests\Core\Image;

use Ikat\Core\Image\Edges;
use Ikat\Core\Image\Margins;
use Ikat\Core\Image\MarkDetail;
use Ikat\Core\Image\PixelGrid;
use Ikat\Core\Image\Sharpness;
use PHPUnit\Framework\TestCase;

final class LogoMeasuresTest extends TestCase
{
    /** @param callable(int, int): int $argb */
    private static function grid(int $width, int $height, callable $argb): PixelGrid
    {
        return new class ($width, $height, $argb(...)) implements PixelGrid {
            public function __construct(private readonly int $w, private readonly int $h, private readonly \Closure $argb) {}

            public function width(): int
            {
                return $this->w;
            }

            public function height(): int
            {
                return $this->h;
            }

            public function argb(int $x, int $y): int
            {
                return ($this->argb)($x, $y);
            }
        };
    }

    /** A bar of one color from (20,10) to (59,29) on a ground. */
    private static function bar(int $ground, int $ink = 0xFF1D3B6F): PixelGrid
    {
        return self::grid(100, 50, static fn(int $x, int $y): int => $x >= 20 && $x < 60 && $y >= 10 && $y < 30 ? $ink : $ground);
    }

    public function testMarginsOfPaperAndOfNothing(): void
    {
        foreach ([0xFFFFFFFF, 0x00000000, 0xFF102030] as $ground) {
            self::assertSame([20, 10, 40, 20], Margins::drawn(self::bar($ground)));
        }
        self::assertNull(Margins::drawn(self::bar(0xFFFFFFFF, 0xFFFFFFFF)));
        // The grain that compression leaves on paper is paper; corners of different colors are no paper at all.
        self::assertSame(
            [20, 10, 40, 20],
            Margins::drawn(self::grid(
                100,
                50,
                static fn(int $x, int $y): int => $x >= 20 && $x < 60 && $y >= 10 && $y < 30
                    ? 0xFF000000
                    : 0xFFFFFFFF - (($x * 7 + $y) % 9) * 0x010101,
            )),
        );
        self::assertSame(
            [0, 0, 100, 50],
            Margins::drawn(self::grid(100, 50, static fn(int $x, int $y): int => 0xFF000000 | $x * 2 << 16 | $y)),
        );
        self::assertSame([0, 0, 1, 1], Margins::drawn(self::grid(1, 1, static fn(): int => 0xFF000000)) ?? [0, 0, 1, 1]);
    }

    public function testOnlyWhatBordersOnNothingIsEdge(): void
    {
        self::assertSame(['#1d3b6f'], array_values(array_unique(Edges::of(self::bar(0)))));
        self::assertSame([], Edges::of(self::bar(0xFFFFFFFF)), 'a file with paper of its own has no edge');
    }

    /** WCAG 2.2: #767676 on white is 4.54 : 1, #949494 is 3.03 : 1 (often quoted; computed here from the definition). */
    public function testTheWorstTenthIsReported(): void
    {
        self::assertEqualsWithDelta(4.54, Edges::worstTenth(array_fill(0, 20, '#767676'), ['#ffffff']), 0.01);
        self::assertEqualsWithDelta(
            4.54,
            Edges::worstTenth([...array_fill(0, 19, '#767676'), '#fafafa'], ['#ffffff']),
            0.01,
            'one pixel in twenty may be lost',
        );
        self::assertLessThan(1.1, Edges::worstTenth([...array_fill(0, 16, '#767676'), ...array_fill(0, 4, '#fafafa')], ['#ffffff']));
        self::assertEqualsWithDelta(
            1.0,
            Edges::worstTenth(['#1d3b6f'], ['#ffffff', '#1d3b6f']),
            0.01,
            'over a picture, its worst pixel counts',
        );
    }

    public function testPixelsThereAgainstPixelsNeeded(): void
    {
        self::assertSame([1 => 120, 2 => 60, 3 => 40], Sharpness::upTo(120, false));
        self::assertSame([1 => null, 2 => null, 3 => null], Sharpness::upTo(120, true));
        self::assertSame(1.0, Sharpness::share(96, 48, 2));
        self::assertSame(0.5, Sharpness::share(48, 48, 2));
    }

    public function testAMarkOfHairLinesIsLostWhenSmallAndAPlainOneIsNot(): void
    {
        $scaled = static fn(PixelGrid $large, int $side): PixelGrid
            => self::grid($side, $side, static function (int $x, int $y) use ($large, $side): int {
                $k = intdiv($large->width(), $side);
                $sum = 0;
                for ($i = 0; $i < $k * $k; $i++) {
                    $sum += $large->argb($x * $k + $i % $k, $y * $k + intdiv($i, $k)) & 255;
                }
                $v = intdiv($sum, $k * $k);

                return 0xFF000000 | $v << 16 | $v << 8 | $v;
            });
        $hair = self::grid(128, 128, static fn(int $x): int => $x % 8 === 0 ? 0xFF000000 : 0xFFFFFFFF);
        $plain = self::grid(128, 128, static fn(int $x): int => $x < 64 ? 0xFF000000 : 0xFFFFFFFF);
        self::assertLessThan(MarkDetail::NEEDED, MarkDetail::measure($hair, $scaled($hair, 16))['kept']);
        $found = MarkDetail::measure($plain, $scaled($plain, 16));
        self::assertGreaterThan(0.95, $found['kept']);
        self::assertEqualsWithDelta(21, $found['contrast'], 0.01);
    }
}
