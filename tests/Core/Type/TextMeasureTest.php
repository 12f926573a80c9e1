<?php

declare(strict_types=1);

namespace Tests\Core\Type;

use Ikat\Core\Type\OpenType\OpenTypeFont;
use Ikat\Core\Type\TextMeasure;
use Ikat\Core\Type\TextStyle;
use Ikat\Core\Type\Typeface;
use Ikat\Core\Type\UnicodeRange;
use PHPUnit\Framework\TestCase;

/** What is measured, by what must hold of it; widths themselves are compared with other engines in tests/Reference. */
final class TextMeasureTest extends TestCase
{
    private TextMeasure $measure;

    protected function setUp(): void
    {
        $this->measure = new TextMeasure();
    }

    private static function face(string $family): Typeface
    {
        $font = static fn(string $part): OpenTypeFont => OpenTypeFont::of(
            (string) file_get_contents(dirname(__DIR__, 3)."/build/fonts/$family-$part.ttf"),
        );

        return new Typeface([[$font('latin'), UnicodeRange::of('U+0000-00FF,U+2000-206F')], [$font('latin-ext'), null]]);
    }

    public function testSizeScalesAndSpacingAdds(): void
    {
        [$face, $text] = [self::face('karla'), 'Folded paper'];
        $width = $this->measure->width($face, new TextStyle(16), $text);
        self::assertEqualsWithDelta(2 * $width, $this->measure->width($face, new TextStyle(32), $text), 1e-9);
        self::assertEqualsWithDelta($width + 12 * 1.5, $this->measure->width($face, new TextStyle(16, spacing: 1.5), $text), 1e-9);
        self::assertGreaterThan($width, $this->measure->width($face, new TextStyle(16, 700), $text));
    }

    public function testPairsAreBroughtTogetherAndLigaturesAreLeftOutWhereLettersStandApart(): void
    {
        $gloock = self::face('gloock');
        self::assertLessThan(
            $this->measure->width($gloock, new TextStyle(16, isKerned: false), 'AVATAR'),
            $this->measure->width($gloock, new TextStyle(16), 'AVATAR'),
        );
        $lora = self::face('lora');
        $apart = $this->measure->width($lora, new TextStyle(16, spacing: 0.0001, isKerned: false), 'fi');
        self::assertNotEqualsWithDelta($apart, $this->measure->width($lora, new TextStyle(16, isKerned: false), 'fi'), 0.05);
    }

    public function testCapitalsAreMeasuredAsTheyShow(): void
    {
        $face = self::face('karla');
        self::assertSame(
            $this->measure->width($face, new TextStyle(16), 'STRASSE'),
            $this->measure->width($face, new TextStyle(16, isCapitals: true), 'straße'),
        );
        $set = $this->measure->measure($face, new TextStyle(16, isCapitals: true), 'eine lange straße am fluss', 110);
        self::assertSame(
            'eine lange straße am fluss',
            implode(' ', array_column($set->lines, 'text')),
            'the words are as they were written',
        );
    }

    public function testFiguresAreAllEquallyWideWhereThatIsAskedFor(): void
    {
        $face = self::face('karla');
        $width = fn(string $text, bool $isTabular): float => $this->measure->width(
            $face,
            new TextStyle(16, isTabular: $isTabular, isKerned: false),
            $text,
        );
        self::assertNotSame($width('1111', false), $width('0000', false));
        self::assertSame($width('1111', true), $width('0000', true));
    }

    public function testLinesBreakAtSpacesAndHyphensAndNeverWithinAWord(): void
    {
        $face = self::face('karla');
        $lines = fn(string $text, float $room): array => array_column(
            $this->measure->measure($face, new TextStyle(16), $text, $room)->lines,
            'text',
        );
        self::assertSame(['Light for', 'the long', 'evenings'], $lines('Light for the long evenings', 70));
        self::assertSame(['well-', 'known'], $lines('well-known', 50));
        self::assertSame(['Unbreakable', 'a'], $lines('Unbreakable a', 10), 'what is wider than the line stands alone');
        self::assertSame(["a\u{A0}b", 'c'], $lines("a\u{A0}b c", 10));
        self::assertSame(['a b'], $lines("  a \n\t b ", 100), 'white space is one space');
        self::assertSame([], $lines('   ', 100));
        self::assertSame(['zu “b”', '(c)'], $lines('zu “b” (c)', 52), 'after a closing quote, too');
    }

    public function testHeightIsThatOfAllLinesAndTheBaselineThatOfTheFirst(): void
    {
        $face = self::face('karla');
        // Karla: ascent 1834, descent 504 of 2000 units (@capsizecss/metrics 4.3).
        $own = $this->measure->measure($face, new TextStyle(20), 'a b', 10);
        self::assertSame([2 * (18.0 + 5.0), 18.0], [$own->height, $own->baseline]);
        $set = $this->measure->measure($face, new TextStyle(20, leading: 1.5), 'a');
        self::assertSame([30.0, (30.0 - 23.0) / 2 + 18.0], [$set->height, $set->baseline]);
    }

    public function testWhatTheFontLacksIsNamedAndNotMeasured(): void
    {
        $face = self::face('karla');
        $set = $this->measure->measure($face, new TextStyle(16), 'Свет Žlutý');
        self::assertSame(['С', 'в', 'е', 'т'], $set->missing);
        self::assertEqualsWithDelta(
            $this->measure->width($face, new TextStyle(16), 'x Žlutý') - $this->measure->width($face, new TextStyle(16), 'x'),
            $set->width,
            0.5,
        );
        self::assertSame(0.0, $this->measure->width($face, new TextStyle(16), "\u{200B}\u{AD}"));
        self::assertSame(1, count($this->measure->measure($face, new TextStyle(16), "a\xFF")->lines), 'broken bytes break nothing');
    }

    public function testRangesAreReadAsStylesheetsWriteThem(): void
    {
        $range = UnicodeRange::of('U+0000-00FF, U+131');
        self::assertSame([true, true, false, true], array_map($range->has(...), [0, 255, 256, 0x131]));
        $this->expectException(\InvalidArgumentException::class);
        UnicodeRange::of('latin');
    }

    /** Something else may stand in memory where a font stood that is needed no longer. */
    public function testAFontIsNotTakenForOneThatIsGone(): void
    {
        $font = static fn(string $family): OpenTypeFont => OpenTypeFont::of(
            (string) file_get_contents(dirname(__DIR__, 3)."/build/fonts/$family-latin.ttf"),
        );
        $width = static fn(TextMeasure $measure, OpenTypeFont $of): float => $measure->width(
            new Typeface([[$of, null]]),
            new TextStyle(20),
            'lantern',
        );
        [$karla, $gloock] = [$width(new TextMeasure(), $font('karla')), $width(new TextMeasure(), $font('gloock'))];
        self::assertNotSame($karla, $gloock);
        for ($beside = [], $try = 0; $try < 200; $try++) {
            // Each time the next stands one place farther: one of them where one stood that is gone.
            $beside[] = new \stdClass();
            self::assertSame($karla, $width($this->measure, $font('karla')));
            gc_collect_cycles();
            self::assertSame($gloock, $width($this->measure, $font('gloock')));
            gc_collect_cycles();
        }
    }
}
