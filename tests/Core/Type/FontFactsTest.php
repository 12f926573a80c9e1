<?php

declare(strict_types=1);

namespace Tests\Core\Type;

use Ikat\Core\Type\FontFacts;
use Ikat\Core\Type\FontKind;
use Ikat\Core\Type\FontLicense;
use Ikat\Core\Type\FontShelf;
use Ikat\Core\Type\UnreadableFont;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Sources: OpenType 1.9, "name", "OS/2" (fsType), "head"; the names as the shelf's packages publish them. */
final class FontFactsTest extends TestCase
{
    private static function shipped(string $name): string
    {
        return (string) file_get_contents(dirname(__DIR__, 3)."/build/fonts/$name.ttf");
    }

    /** @return iterable<string, array{string, string, FontKind, list<int>}> */
    public static function fonts(): iterable
    {
        yield 'one weight' => ['gloock-latin', 'Gloock', FontKind::Sans, [400]];
        yield 'many weights' => ['karla-latin', 'Karla', FontKind::Sans, [200, 300, 400, 500, 600, 700, 800]];
        yield 'of one width' => ['jetbrains-mono-latin', 'JetBrains Mono', FontKind::Mono, [100, 200, 300, 400, 500, 600, 700, 800]];
    }

    /** @param list<int> $weights */
    #[DataProvider('fonts')]
    public function testAFontSaysWhatItIs(string $file, string $name, FontKind $kind, array $weights): void
    {
        $facts = FontFacts::of(self::shipped($file));
        self::assertStringStartsWith($name, $facts->name);
        self::assertSame([$kind, $weights, false], [$facts->kind, $facts->weights, $facts->isItalic]);
        self::assertSame(0, $facts->license->bits, 'open fonts say that they may be installed');
        $letters = array_merge(...array_values($facts->parts));
        self::assertSame(count(array_unique($letters)), count($letters), 'a character is in one part');
        self::assertContains(ord('a'), $facts->parts['latin']);
        // Some characters of Vietnamese text, a mark or a currency, are no Vietnamese yet.
        self::assertSame(['latin'], $facts->systems());
        self::assertSame(
            ['Vietnamese', 'Greek', 'Cyrillic', ...count($weights) > 1 ? [] : ['bold'], 'italic'],
            $facts->lacks(),
        );
    }

    public function testAnItalicSaysSo(): void
    {
        self::assertTrue(FontFacts::of(self::shipped('karla-latin-italic'))->isItalic);
    }

    /** Bits of fsType => whether outlines may be used, whether it may be cut. */
    public function testTheLicenseIsReadBitByBit(): void
    {
        foreach ([
            [0x0000, true, true, 'no restriction'], [0x0002, true, true, 'without leave'], [0x0004, true, true, 'to print'],
            [0x0008, true, true, 'edited'], [0x0104, true, false, 'may not be cut'], [0x0200, false, true, ''],
            [0x000C, true, true, 'edited'],
        ] as [$bits, $outlines, $cut, $words]) {
            $license = new FontLicense($bits);
            // Installable and editable go along with what is edited, restricted and print-only do not.
            self::assertSame(in_array($bits & 0x000E, [0, 8, 12], true), $license->mayBeHandedOn(), dechex($bits));
            self::assertSame([$outlines, $cut], [$license->allowsOutlines(), $license->mayBeCut()], dechex($bits));
            self::assertStringContainsString($words, $license->inWords());
        }
    }

    /** @return iterable<string, array{string, string}> bytes, and what is said of them */
    public static function unfit(): iterable
    {
        $font = self::shipped('gloock-latin');
        $table = static function (string $tag) use ($font): int {
            for ($i = 0; substr($font, 12 + 16 * $i, 4) !== $tag; $i++);

            return 12 + 16 * $i;
        };
        $at = static fn(string $tag): int => (int) (unpack('N', substr($font, $table($tag) + 8, 4)) ?: [1 => 0])[1];
        yield 'nothing' => ['', 'cut off'];
        yield 'words' => [str_repeat('no font ', 100), 'no OpenType font'];
        yield 'a collection' => ['ttcf'.substr($font, 4), 'collection'];
        yield 'huge' => [$font.str_repeat("\0", 8_000_000), 'million bytes'];
        yield 'nameless' => [substr_replace($font, "\0\0", $at('name') + 2, 2), 'no name'];
        yield 'without a name table' => [substr_replace($font, 'nope', $table('name'), 4), 'no table “name”'];
        yield 'bitmaps alone' => [substr_replace($font, "\x02\x00", $at('OS/2') + 8, 2), 'bitmaps'];
        yield 'without letters' => [self::shipped('karla-latin-ext'), 'which every shop needs'];
    }

    #[DataProvider('unfit')]
    public function testWhatIsUnfitIsRefusedWithTheReason(string $bytes, string $reason): void
    {
        $this->expectException(UnreadableFont::class);
        $this->expectExceptionMessage($reason);
        FontFacts::of($bytes);
    }

    /** What a font calls itself goes into stylesheets and pages. */
    public function testANameIsLettersAndFewSigns(): void
    {
        $font = self::shipped('gloock-latin');
        $utf16 = static fn(string $ascii): string => implode('', array_map(static fn(string $c): string => "\0$c", str_split($ascii)));
        self::assertStringContainsString($utf16('Gloock'), $font);
        $hostile = str_replace($utf16('Gloock'), $utf16('"};<\\>'), $font);
        try {
            self::assertDoesNotMatchRegularExpression('/["\'\\\\<>{};]/', FontFacts::of($hostile)->name);
        } catch (UnreadableFont $e) {
            self::assertStringContainsString('no name', $e->getMessage());
        }
        foreach (FontShelf::all() as $key => $family) {
            $name = FontFacts::of(self::shipped("$key-latin"))->name;
            self::assertMatchesRegularExpression('/^[\p{L}\p{N} .&-]{2,40}$/u', $name, $family->name);
        }
    }
}
