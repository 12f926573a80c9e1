<?php

declare(strict_types=1);

namespace Tests\Core\Type\OpenType;

use Ikat\Core\Type\OpenType\CharacterMap;
use Ikat\Core\Type\OpenType\FontBytes;
use Ikat\Core\Type\OpenType\FontFile;
use Ikat\Core\Type\OpenType\GlyphClasses;
use Ikat\Core\Type\OpenType\OldKerning;
use Ikat\Core\Type\OpenType\OpenTypeFont;
use Ikat\Core\Type\UnreadableFont;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FontFileTest extends TestCase
{
    private static function read(string $path): string
    {
        return (string) file_get_contents(dirname(__DIR__, 4)."/$path");
    }

    public function testAPackedFontHasTheSameTablesAsItIsUnpacked(): void
    {
        $packed = OpenTypeFont::of(self::read('node_modules/@fontsource/gloock/files/gloock-latin-400-normal.woff'));
        $plain = OpenTypeFont::of(self::read('build/fonts/gloock-latin.ttf'));
        self::assertSame($plain->characters, $packed->characters);
        self::assertSame($plain->advances, $packed->advances);
        self::assertSame([$plain->unitsPerEm, $plain->ascent, $plain->descent, $plain->lineGap], [
            $packed->unitsPerEm, $packed->ascent, $packed->descent, $packed->lineGap,
        ]);
    }

    /** @return iterable<string, array{string, string}> */
    public static function refused(): iterable
    {
        yield 'nothing' => ['', 'cut off'];
        yield 'a text' => [str_repeat('not a font ', 20), 'no OpenType font'];
        yield 'a collection' => ["ttcf\0\1\0\0".str_repeat("\0", 40), 'collection'];
        yield 'a picture' => ["\x89PNG\r\n\x1a\n".str_repeat("\0", 40), 'no OpenType font'];
        yield 'too many tables' => ["\0\1\0\0\xFF\xFF".str_repeat("\0", 40), 'more tables'];
        yield 'no tables' => ["\0\1\0\0\0\0".str_repeat("\0", 40), 'no table “head”'];
        yield 'too large' => ["\0\1\0\0".str_repeat('x', FontFile::MOST), '8 million'];
        yield 'a bomb' => [
            'wOFF'.str_repeat("\0", 8).pack('n', 2).str_repeat("\0", 30).str_repeat('head'.pack('NNNN', 84, 10, 0x7FFFFFFF, 0), 2),
            'unpacks to more',
        ];
    }

    #[DataProvider('refused')]
    public function testWhatIsNoFontIsRefusedWithTheReason(string $bytes, string $reason): void
    {
        $this->expectException(UnreadableFont::class);
        $this->expectExceptionMessage($reason);
        OpenTypeFont::of($bytes);
    }

    /** Formats of "cmap" that the fonts at hand do not have, written out. */
    public function testCharactersAreFoundInAllFormats(): void
    {
        $in = static fn(string $table): array => CharacterMap::read(new FontBytes(pack('nnnnN', 0, 1, 3, 10, 12).$table), 500);
        self::assertSame([65 => 7, 66 => 8, 67 => 9], $in(pack('n*', 6, 16, 0, 65, 3, 7, 8, 9)));
        self::assertSame([65 => 5, 66 => 6, 128512 => 40], $in(pack('nnNNN', 12, 0, 40, 0, 2).pack('N*', 65, 66, 5, 128512, 128512, 40)));
        $this->expectExceptionMessage('more characters than there are');
        $in(pack('nnNNN', 12, 0, 28, 0, 1).pack('N*', 0, 0x7FFFFFFF, 1));
    }

    public function testSetsAndClassesOfGlyphsAreReadInBothFormats(): void
    {
        self::assertSame([4 => 0, 9 => 1], GlyphClasses::coverage(new FontBytes(pack('n*', 1, 2, 4, 9))));
        self::assertSame([4 => 0, 5 => 1, 6 => 2, 9 => 3], GlyphClasses::coverage(new FontBytes(pack('n*', 2, 2, 4, 6, 0, 9, 9, 3))));
        self::assertSame([3 => 1, 4 => 0, 5 => 2], GlyphClasses::classes(new FontBytes(pack('n*', 1, 3, 3, 1, 0, 2))));
        self::assertSame([7 => 1, 8 => 1], GlyphClasses::classes(new FontBytes(pack('n*', 2, 1, 7, 8, 1))));
        $this->expectExceptionMessage('overlap');
        GlyphClasses::coverage(new FontBytes(pack('n*', 2, 3, 0, 65535, 0, 0, 65535, 0, 0, 65535, 0)));
    }

    public function testTheOldTableOfPairsIsRead(): void
    {
        $pairs = pack('n*', 20, 30).pack('n', 0x10000 - 80).pack('n*', 21, 30).pack('n', 15);
        $table = pack('n*', 0, 1).pack('n*', 0, 14 + 12, 1).pack('n*', 2, 0, 0, 0).$pairs;
        self::assertSame([20 << 16 | 30 => -80, 21 << 16 | 30 => 15], OldKerning::read(new FontBytes($table)));
        // What runs downwards, or gives bounds, is no distance of a line.
        self::assertSame([], OldKerning::read(new FontBytes(pack('n*', 0, 1).pack('n*', 0, 26, 0).pack('n*', 2, 0, 0, 0).$pairs)));
    }
}
