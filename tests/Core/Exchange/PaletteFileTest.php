<?php

declare(strict_types=1);

namespace Tests\Core\Exchange;

use Ikat\Core\Exchange\PaletteFile;
use PHPUnit\Framework\TestCase;

final class PaletteFileTest extends TestCase
{
    private const COLORS = ['paper' => ['Paper', '#f9f3e6'], 'main' => ['Main', '#2c2b76'], 'accent' => ['Accent & more */', '#f6c159']];

    public function testEveryFormatComesBackAsItWas(): void
    {
        foreach (array_keys(PaletteFile::FORMATS) as $format) {
            $read = PaletteFile::read(PaletteFile::write($format, self::COLORS, 'River <dusk>'));
            self::assertSame(['paper' => '#f9f3e6', 'main' => '#2c2b76', 'accent' => '#f6c159'], $read['colors'], $format);
            self::assertSame([], $read['not_understood'], $format);
        }
    }

    public function testWhatIsNotUnderstoodIsListed(): void
    {
        $read = PaletteFile::read("GIMP Palette\nName: x\n 44 43 118 main\n300 0 0 loud\nhello\n");
        self::assertSame(['main' => '#2c2b76'], $read['colors']);
        self::assertSame(['line 4: “300 0 0 loud”', 'line 5: “hello”'], $read['not_understood']);
        $read = PaletteFile::read(':root { --main: oklch(0.4 0.1 280); --space: 4px; --paper: var(--x); }');
        self::assertSame(['main'], array_keys($read['colors']));
        self::assertSame(['--space: “4px”', '--paper: “var(--x)”'], $read['not_understood']);
        $read = PaletteFile::read('{"a": {"$type": "color", "main": {"$value": {"colorSpace": "display-p3", "components": [1, 0, "none"]}}, "same": {"$value": "{a.main}"}, "odd": {"$value": "#fff"}}, "gap": {"$type": "dimension", "$value": {"value": 4, "unit": "px"}}}');
        self::assertSame(['main', 'same'], array_keys($read['colors']));
        self::assertSame($read['colors']['main'], $read['colors']['same']);
        self::assertSame(['a.odd: its value is not a color that can be read', 'gap: a dimension, not a color'], $read['not_understood']);
        self::assertSame(['<path> “b”: no plain fill'], PaletteFile::read('<svg xmlns="http://www.w3.org/2000/svg"><rect id="a" fill="red"/><path id="b" fill="url(#g)"/></svg>')['not_understood']);
    }

    public function testHostileFilesGiveNothing(): void
    {
        foreach (['', '{', '{"a": 4}', '<svg', '<!DOCTYPE svg [<!ENTITY a "b">]><svg>&a;</svg>', str_repeat('{"a":', 40).'1'.str_repeat('}', 40), "GIMP Palette\n\xFF\xFE"] as $text) {
            self::assertSame([], PaletteFile::read($text)['colors']);
        }
    }
}
