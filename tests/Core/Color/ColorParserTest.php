<?php

declare(strict_types=1);

namespace Tests\Core\Color;

use Ikat\Core\Color\Color;
use Ikat\Core\Color\ColorSpace;
use Ikat\Core\Color\UnreadableColor;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ColorParserTest extends TestCase
{
    #[DataProvider('readable')]
    public function testReadsEveryForm(string $text, string $hex): void
    {
        self::assertSame($hex, Color::parse($text)->hex());
    }

    /** @return iterable<array{string, string}> */
    public static function readable(): iterable
    {
        yield ['#fa0', '#ffaa00'];
        yield ['fa0', '#ffaa00'];
        yield ['#FA08', '#ffaa0088'];
        yield ['2c2b76', '#2c2b76'];
        yield ['#2c2b7680', '#2c2b7680'];
        yield [' Indigo ', '#4b0082'];
        yield ['transparent', '#00000000'];
        yield ['rgb(44, 43, 118)', '#2c2b76'];
        yield ['rgba(44,43,118,.5)', '#2c2b7680'];
        yield ['rgb(44 43 118 / 50%)', '#2c2b7680'];
        yield ['rgb(100%, 0%, 0%)', '#ff0000'];
        yield ['rgb(300 -20 0)', '#ff0000'];
        yield ['rgb(50% 128 none)', '#808000'];
        yield ['hsl(120deg 100% 25%)', '#008000'];
        yield ['hsl(120, 100%, 25%)', '#008000'];
        yield ['hsl(0.5turn 100 50)', '#00ffff'];
        yield ['hsl(200grad 100% 50%)', '#00ffff'];
        yield ['hwb(90 10% 10%)', '#80e61a'];
        yield ['hwb(0 60% 60%)', '#808080'];
        yield ['lab(100% 0 0)', '#ffffff'];
        yield ['lch(0% 0 none)', '#000000'];
        yield ['oklab(100% 0 0)', '#ffffff'];
        yield ['oklch(0 0 0 / 0.25)', '#00000040'];
        yield ['color(srgb 1 0.5 0)', '#ff8000'];
        yield ['color(srgb-linear 1 1 1)', '#ffffff'];
        yield ['color(display-p3 0 0 0)', '#000000'];
        yield ['color(xyz 0 0 0)', '#000000'];
        yield ['color(xyz-d50 0.9643 1 0.8251)', '#ffffff'];
        yield ['rgb(1e2 0 0)', '#640000'];
        yield ['rgb(1e400 0 0)', '#ff0000'];
        yield ['rgb(1 2 3', '#010203'];
        yield ['rgb(1 2 3/50%', '#01020380'];
        yield ['rgb(10%20%30%)', '#1a334d'];
        yield ['rgb(.1.2.3)', '#000000'];
        yield ['r\\65 d', '#ff0000'];
        yield ['/* a */rgb(1/**/2/**/3)/* b', '#010203'];
        yield ['hsl(20 130% 40%)', '#cc4400'];
        yield ['hsl(1e400 50% 50%)', '#bf4040'];
    }

    #[DataProvider('unreadable')]
    public function testRefusesAndQuotes(string $text, string $reason): void
    {
        try {
            Color::parse($text);
            self::fail("\"$text\" was read.");
        } catch (UnreadableColor $e) {
            self::assertStringContainsString('"'.mb_scrub($text).'"', $e->getMessage());
            self::assertStringContainsString($reason, $e->getMessage());
            self::assertStringContainsString('oklch()', $e->getMessage(), 'says what is accepted');
        }
        self::assertNull(Color::tryParse($text));
    }

    /** @return iterable<array{string, string}> */
    public static function unreadable(): iterable
    {
        yield ['', 'empty'];
        yield ['#ggg', 'only the digits'];
        yield ['#12345', 'this has 5'];
        yield ['##fff', 'more than one number sign'];
        yield ['blurple', 'no color has this name'];
        yield ['currentcolor', 'no value of its own'];
        yield ['rgb(1, 2)', 'three values'];
        yield ['rgb(1. 2 3)', 'this has 4'];
        yield ["rgb(1\x0B2 3)", 'three values'];
        yield ['rgb(calc(1) 2 3)', 'one plain color function'];
        yield ['rgb(1 2 3) red', 'one plain color function'];
        yield ['rgb(1, 50%, 3)', 'not a mixture'];
        yield ['rgb(1, 2, 3 / 4)', 'cannot stand together'];
        yield ['rgb(1, 2, 3, 4, 5)', 'too many'];
        yield ['hsl(120, 50, 50)', 'percentages'];
        yield ['hsl(120%, 50%, 50%)', 'not an angle'];
        yield ['hsl(none, 50%, 50%)', 'none'];
        yield ['lab(50, 20, 30)', 'not commas'];
        yield ['oklch(0.5 0.1 20 / 1 / 1)', 'more than one slash'];
        yield ['color(cmyk 1 0 0)', '"cmyk"'];
        yield ['color(srgb 1 0)', 'three values'];
        yield ['device(1 2 3)', 'not a color function'];
        yield ['rgb(NaN 0 0)', 'not a number'];
        yield ["\xff\xfe", 'no color has this name'];
    }

    public function testNoneStaysNoneUntilConverted(): void
    {
        $color = Color::parse('oklch(0.5 none 20)');
        self::assertNull($color->second);
        self::assertSame(0.0, round((float) $color->to(ColorSpace::Oklab)->second, 12));
    }

    public function testAGrayHasNoHue(): void
    {
        self::assertNull(Color::parse('#808080')->to(ColorSpace::Oklch)->third);
        self::assertNull(Color::parse('#808080')->to(ColorSpace::Hsl)->first);
    }
}
