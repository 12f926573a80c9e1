<?php

declare(strict_types=1);

namespace Ikat\Core\Type;

use Ikat\Core\Type\OpenType\FontFile;
use Ikat\Core\Type\OpenType\NameTable;
use Ikat\Core\Type\OpenType\OpenTypeFont;

/** What a font that somebody brings says of itself; who reads it has read all that text is set by. */
final readonly class FontFacts
{
    /** Letters that a font for a shop has at least. */
    private const LEAST = 'aeinorstAEINORST0123456789';

    /** The least weight that is called bold, 100..900. */
    private const BOLD = 600;

    /** Letters that are told of whether a writing system can be written: some characters of its part other languages use as well. */
    private const LETTERS = [
        'latin' => self::LEAST, 'vietnamese' => 'ĂăƠơƯưạấầảếệộợựỹ', 'greek' => 'ΑΓΔΘΛΞΣΦΨΩαβγδεζηθλμνξπρσςτφψωάέή',
        'cyrillic' => 'АБВГДЖЗИЙЛПФЦЧШЩЫЭЮЯабвгджзийлпфцчшщыэюя',
    ];

    /** What is set to find out whether it can be. */
    private const TRIED = 'Every lantern, folded. AV Office 0123456789';

    /**
     * @param string $key made of what is in the file: the same font is the same family in every store
     * @param non-empty-list<int> $weights it has, 100..900
     * @param array<string, list<int>> $parts of FontShelf::RANGES => code points it has of each
     */
    private function __construct(
        public string $key,
        public string $name,
        public FontLicense $license,
        public FontKind $kind,
        public bool $isItalic,
        public array $weights,
        public OpenTypeFont $font,
        public array $parts,
    ) {}

    /**
     * @param string $bytes of an OpenType font, plain or packed as WOFF 1.0
     *
     * @throws UnreadableFont with the reason
     */
    public static function of(string $bytes): self
    {
        $font = OpenTypeFont::of($bytes);
        $file = FontFile::of($bytes);
        foreach (mb_str_split(self::LEAST) as $letter) {
            if (! isset($font->characters[mb_ord($letter)])) {
                throw UnreadableFont::because("it has no “{$letter}”, which every shop needs");
            }
        }
        if (! $file->has('OS/2')) {
            throw UnreadableFont::because('it has no table “OS/2”, which says what it may be used for');
        }
        $os2 = $file->table('OS/2');
        $license = new FontLicense($os2->u16(8));
        if (! $license->allowsOutlines()) {
            throw UnreadableFont::because('it says that only bitmaps of it may be used, and pages use outlines');
        }
        // All that lines are set by, once: what is broken in it is found now, not on a page.
        $name = NameTable::called($file->table('name'));
        (new TextMeasure())->measure(new Typeface([[$font, null]]), new TextStyle(16.0), self::TRIED, 200);

        return new self(
            'own-'.substr(hash('sha256', $bytes), 0, 16),
            $name,
            $license,
            self::kind($os2->u8(32), $os2->u8(33), self::isMono($file)),
            ($os2->u16(62) & 1) !== 0,
            self::weights($font, $os2->u16(4)),
            $font,
            self::parts($font),
        );
    }

    /** Its name where several of a family stand side by side. */
    public function called(): string
    {
        return $this->name.($this->isItalic && ! str_contains($this->name, 'Italic') ? ' Italic' : '');
    }

    /** @return list<string> keys of FontShelf::SYSTEMS that it has the letters of */
    public function systems(): array
    {
        return array_keys(array_filter(self::LETTERS, fn(string $letters): bool => array_filter(
            mb_str_split($letters),
            fn(string $letter): bool => ! isset($this->font->characters[mb_ord($letter)]),
        ) === []));
    }

    /**
     * What a shop may want of a font and does not get of this one, in words.
     *
     * @return list<string>
     */
    public function lacks(): array
    {
        $lacks = array_values(array_diff_key(FontShelf::SYSTEMS, array_flip($this->systems())));
        if (max($this->weights) < self::BOLD) {
            $lacks[] = 'bold';
        }
        if (! $this->isItalic) {
            $lacks[] = 'italic';
        }

        return $lacks;
    }

    /** @throws UnreadableFont */
    private static function isMono(FontFile $file): bool
    {
        return $file->has('post') && $file->table('post')->length() >= 16 && $file->table('post')->u32(12) !== 0;
    }

    /** Source: PANOSE 1.0, family kind and serif style, as OpenType 1.9 gives them; mono from "post", isFixedPitch. */
    private static function kind(int $family, int $serif, bool $isMono): FontKind
    {
        return match (true) {
            $isMono => FontKind::Mono,
            $family === 3 => FontKind::Hand,
            $family === 4 => FontKind::Display,
            $family === 2 && $serif >= 2 && $serif <= 10 => in_array($serif, [6, 7], true) ? FontKind::Slab : FontKind::Serif,
            default => FontKind::Sans,
        };
    }

    /** @return non-empty-list<int> */
    private static function weights(OpenTypeFont $font, int $class): array
    {
        foreach ($font->axes->axes as $axis) {
            if ($axis['tag'] === 'wght') {
                $found = array_values(array_filter(
                    range(100, 900, 100),
                    static fn(int $w): bool => $w >= $axis['least'] && $w <= $axis['most'],
                ));

                return $found === [] ? [400] : $found;
            }
        }

        return [max(100, min(900, (int) round($class / 100) * 100))];
    }

    /** @return array<string, list<int>> */
    private static function parts(OpenTypeFont $font): array
    {
        $parts = [];
        $left = $font->characters;
        foreach (FontShelf::RANGES as $part => $written) {
            $range = UnicodeRange::of($written);
            $codes = array_values(array_filter(array_keys($left), $range->has(...)));
            // Of two parts that a character is for the first is taken.
            $left = array_diff_key($left, array_flip($codes));
            if ($codes !== []) {
                $parts[$part] = $codes;
            }
        }

        return $parts;
    }
}
