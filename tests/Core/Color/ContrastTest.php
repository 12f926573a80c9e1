<?php

declare(strict_types=1);

namespace Tests\Core\Color;

use Ikat\Core\Color\Color;
use Ikat\Core\Color\Compositing;
use Ikat\Core\Color\Contrast;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Source: WCAG 2.2, definitions of "relative luminance" and "contrast ratio". */
final class ContrastTest extends TestCase
{
    public function testTheDefinitionsOwnValues(): void
    {
        self::assertSame(0.0, Contrast::luminance(Color::parse('#000')));
        self::assertEqualsWithDelta(1.0, Contrast::luminance(Color::parse('#fff')), 1e-12);
        self::assertEqualsWithDelta(0.2126, Contrast::luminance(Color::parse('#f00')), 1e-12);
        self::assertEqualsWithDelta(0.7152, Contrast::luminance(Color::parse('#0f0')), 1e-12);
        self::assertEqualsWithDelta(0.0722, Contrast::luminance(Color::parse('#00f')), 1e-12);
        self::assertEqualsWithDelta(21.0, Contrast::ratio(Color::parse('#000'), Color::parse('#fff')), 1e-12);
        self::assertSame(1.0, Contrast::ratio(Color::parse('#2c2b76'), Color::parse('#2c2b76')));
    }

    /** The definition written out again, for every gray: thresholds and exponents have no room to hide. */
    public function testEveryGrayFollowsTheWrittenFormula(): void
    {
        for ($i = 0; $i < 256; $i++) {
            $c = $i / 255;
            $expected = $c <= 0.04045 ? $c / 12.92 : (($c + 0.055) / 1.055) ** 2.4;
            self::assertEqualsWithDelta($expected, Contrast::luminance(Color::fromRgbInteger($i << 16 | $i << 8 | $i)), 1e-12);
        }
    }

    /** WCAG's well-known neighbours of 4.5 on white: #767676 passes, #777777 does not. */
    #[DataProvider('neighbours')]
    public function testNearTheTarget(string $gray, bool $passes): void
    {
        self::assertSame($passes, Contrast::ratio(Color::parse($gray), Color::parse('#fff')) >= Contrast::TEXT);
    }

    /** @return iterable<array{string, bool}> */
    public static function neighbours(): iterable
    {
        yield ['#767676', true];
        yield ['#777777', false];
    }

    public function testOrderDoesNotMatter(): void
    {
        self::assertSame(
            Contrast::ratio(Color::parse('#123'), Color::parse('#fed')),
            Contrast::ratio(Color::parse('#fed'), Color::parse('#123')),
        );
    }

    public function testSeeThroughInkIsLaidOverItsGround(): void
    {
        $half = Contrast::ratio(Color::parse('rgb(0 0 0 / 50%)'), Color::parse('#fff'));
        self::assertEqualsWithDelta(Contrast::ratio(Color::parse('rgb(127.5 127.5 127.5)'), Color::parse('#fff')), $half, 1e-9);
    }

    public function testCompositingKeepsAnOpaqueTopAndAClearBottom(): void
    {
        self::assertSame('#2c2b76', Compositing::over(Color::parse('#2c2b76'), Color::parse('#f00'))->hex());
        self::assertSame('#2c2b7680', Compositing::over(Color::parse('#2c2b7680'), Color::parse('transparent'))->hex());
        self::assertSame('#00000000', Compositing::over(Color::parse('transparent'), Color::parse('transparent'))->hex());
    }
}
