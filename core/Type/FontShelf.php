<?php

declare(strict_types=1);

namespace Ikat\Core\Type;

use Ikat\Core\Type\Shelf\Measures;

/**
 * The font families that ship with Ikat, all under the SIL Open Font License.
 *
 * Their measures are written by a script from the fonts and from @capsizecss/metrics 4.3 (Shelf\Measures); a test compares.
 */
final class FontShelf
{
    /** Writing systems by the part that has their letters. */
    public const SYSTEMS = ['latin' => 'Latin', 'vietnamese' => 'Vietnamese', 'greek' => 'Greek', 'cyrillic' => 'Cyrillic'];

    /** The characters in each file of a family, as the font packages cut them; of two that have a character the first is taken. */
    public const RANGES = [
        'latin' => 'U+0000-00FF,U+0131,U+0152-0153,U+02BB-02BC,U+02C6,U+02DA,U+02DC,U+0304,U+0308,U+0329,'
            .'U+2000-206F,U+20AC,U+2122,U+2191,U+2193,U+2212,U+2215,U+FEFF,U+FFFD',
        'latin-ext' => 'U+0100-02BA,U+02BD-02C5,U+02C7-02CC,U+02CE-02D7,U+02DD-02FF,U+0304,U+0308,U+0329,U+1D00-1DBF,U+1E00-1E9F,'
            .'U+1EF2-1EFF,U+2020,U+20A0-20AB,U+20AD-20C0,U+2113,U+2C60-2C7F,U+A720-A7FF',
        'vietnamese' => 'U+0102-0103,U+0110-0111,U+0128-0129,U+0168-0169,U+01A0-01A1,U+01AF-01B0,U+0300-0301,U+0303-0304,'
            .'U+0308-0309,U+0323,U+0329,U+1EA0-1EF9,U+20AB',
        'greek' => 'U+0370-0377,U+037A-037F,U+0384-038A,U+038C,U+038E-03A1,U+03A3-03FF',
        'greek-ext' => 'U+1F00-1FFF',
        'cyrillic' => 'U+0301,U+0400-045F,U+0490-0491,U+04B0-04B1,U+2116',
        'cyrillic-ext' => 'U+0460-052F,U+1C80-1C8A,U+20B4,U+2DE0-2DFF,U+A640-A69F,U+FE2E-FE2F',
    ];

    /** key => [in words, kind] */
    private const FAMILIES = [
        'gloock' => ['a high-contrast serif', FontKind::Serif],
        'fraunces' => ['a soft old-style serif', FontKind::Serif],
        'literata' => ['a bookish serif', FontKind::Serif],
        'lora' => ['a brushed serif', FontKind::Serif],
        'piazzolla' => ['a compact serif', FontKind::Serif],
        'source-serif-4' => ['an even serif', FontKind::Serif],
        'alegreya' => ['a lively serif', FontKind::Serif],
        'eb-garamond' => ['a Renaissance serif', FontKind::Serif],
        'vollkorn' => ['a warm serif', FontKind::Serif],
        'brygada-1918' => ['a serif from lead type', FontKind::Serif],
        'newsreader' => ['a serif for long reading', FontKind::Serif],
        'crimson-pro' => ['a light book serif', FontKind::Serif],
        'merriweather' => ['a wide serif', FontKind::Serif],
        'bitter' => ['a sturdy slab serif', FontKind::Slab],
        'aleo' => ['a round slab serif', FontKind::Slab],
        'hepta-slab' => ['a broad slab serif', FontKind::Slab],
        'karla' => ['a plain sans', FontKind::Sans],
        'asap' => ['a rounded sans', FontKind::Sans],
        'figtree' => ['a friendly sans', FontKind::Sans],
        'manrope' => ['a modern sans', FontKind::Sans],
        'work-sans' => ['a wide sans', FontKind::Sans],
        'nunito' => ['a sans with round ends', FontKind::Sans],
        'jost' => ['a geometric sans', FontKind::Sans],
        'space-grotesk' => ['a technical sans', FontKind::Sans],
        'commissioner' => ['a sans with a slight waist', FontKind::Sans],
        'source-sans-3' => ['a neutral sans', FontKind::Sans],
        'inter' => ['a sans for screens', FontKind::Sans],
        'open-sans' => ['an open sans', FontKind::Sans],
        'mulish' => ['a minimal sans', FontKind::Sans],
        'montserrat' => ['a broad city sans', FontKind::Sans],
        'raleway' => ['a slender sans', FontKind::Sans],
        'dm-sans' => ['a low-contrast geometric sans', FontKind::Sans],
        'outfit' => ['a circular sans', FontKind::Sans],
        'archivo' => ['a firm grotesque', FontKind::Sans],
        'lexend' => ['a wide-set sans', FontKind::Sans],
        'urbanist' => ['a light geometric sans', FontKind::Sans],
        'rubik' => ['a sans with soft corners', FontKind::Sans],
        'jetbrains-mono' => ['a tall monospace', FontKind::Mono],
        'fira-code' => ['an open monospace', FontKind::Mono],
        'playfair-display' => ['a display serif of high contrast', FontKind::Display],
        'bodoni-moda' => ['a display serif with hairlines', FontKind::Display],
        'cinzel' => ['Roman capitals', FontKind::Display],
        'oswald' => ['a narrow display sans', FontKind::Display],
        'unbounded' => ['a very wide display sans', FontKind::Display],
        'comfortaa' => ['a round display sans', FontKind::Display],
        'caveat' => ['a quick hand', FontKind::Hand],
        'dancing-script' => ['a bouncing script', FontKind::Hand],
        'shantell-sans' => ['a marker hand', FontKind::Hand],
    ];

    /** @return array<string, FontFamily> by key */
    public static function all(): array
    {
        /** @var ?array<string, FontFamily> $all */
        static $all = null;

        return $all ??= array_combine(
            array_keys(self::FAMILIES),
            array_map(self::made(...), array_keys(self::FAMILIES), self::FAMILIES),
        );
    }

    /** @param array{string, FontKind} $family */
    private static function made(string $key, array $family): FontFamily
    {
        $measures = Measures::of($key);

        return new FontFamily(
            $key,
            $measures['name'],
            "{$measures['name']}, $family[0]",
            $family[1],
            ...[...$measures['metrics'], $measures['widths'], $measures['italics'], $measures['letters'], $measures['bytes']],
        );
    }

    /** @throws UnknownFont */
    public static function get(string $key): FontFamily
    {
        return self::all()[$key] ?? throw UnknownFont::named($key);
    }

    /** @return array<string, string> key => plain words */
    public static function labels(): array
    {
        /** @var ?array<string, string> $labels */
        static $labels = null;

        return $labels ??= array_map(static fn(FontFamily $f): string => $f->label, self::all());
    }

    /** @return array<string, string> key => CSS font-family list */
    public static function stacks(): array
    {
        /** @var ?array<string, string> $stacks */
        static $stacks = null;

        return $stacks ??= array_map(static fn(FontFamily $f): string => $f->stack(), self::all());
    }

    /** @return list<string> keys of families with more than one weight */
    public static function withWeights(): array
    {
        /** @var ?list<string> $keys */
        static $keys = null;

        return $keys ??= array_keys(array_filter(self::all(), static fn(FontFamily $f): bool => $f->hasWeights()));
    }

    /** @return list<string> keys of families with an italic drawn for them */
    public static function withItalics(): array
    {
        /** @var ?list<string> $keys */
        static $keys = null;

        return $keys ??= array_keys(array_filter(self::all(), static fn(FontFamily $f): bool => $f->hasItalic()));
    }
}
