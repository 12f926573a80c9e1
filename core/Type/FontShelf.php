<?php

declare(strict_types=1);

namespace Ikat\Core\Type;

/**
 * The font families that ship with Ikat, all under the SIL Open Font License.
 *
 * Measures are those of the fonts' own tables, as @capsizecss/metrics 4.3 publishes them; a test compares.
 */
final class FontShelf
{
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

    /** key => [name, label, kind, lightest, heaviest, units per em, ascent, descent, line gap] */
    private const TABLE = [
        'gloock' => ['Gloock', 'Gloock, a high-contrast serif', FontKind::Serif, 400, 400, 1000, 975, -225, 0],
        'fraunces' => ['Fraunces', 'Fraunces, a soft old-style serif', FontKind::Serif, 100, 900, 2000, 1956, -510, 0],
        'literata' => ['Literata', 'Literata, a bookish serif', FontKind::Serif, 200, 900, 1000, 1177, -308, 0],
        'lora' => ['Lora', 'Lora, a brushed serif', FontKind::Serif, 400, 700, 1000, 1006, -274, 0],
        'bitter' => ['Bitter', 'Bitter, a sturdy slab serif', FontKind::Serif, 100, 900, 1000, 935, -265, 0],
        'piazzolla' => ['Piazzolla', 'Piazzolla, a compact serif', FontKind::Serif, 100, 900, 1000, 1110, -310, 0],
        'karla' => ['Karla', 'Karla, a plain sans', FontKind::Sans, 200, 800, 2000, 1834, -504, 0],
        'asap' => ['Asap', 'Asap, a rounded sans', FontKind::Sans, 100, 900, 1000, 934, -212, 0],
        'figtree' => ['Figtree', 'Figtree, a friendly sans', FontKind::Sans, 300, 900, 1000, 950, -250, 0],
        'manrope' => ['Manrope', 'Manrope, a modern sans', FontKind::Sans, 200, 800, 2000, 2132, -600, 0],
        'work-sans' => ['Work Sans', 'Work Sans, a wide sans', FontKind::Sans, 100, 900, 1000, 930, -243, 0],
        'nunito' => ['Nunito', 'Nunito, a sans with round ends', FontKind::Sans, 200, 1000, 1000, 1011, -353, 0],
        'jost' => ['Jost', 'Jost, a geometric sans', FontKind::Sans, 100, 900, 1000, 1070, -375, 0],
        'space-grotesk' => ['Space Grotesk', 'Space Grotesk, a technical sans', FontKind::Sans, 300, 700, 1000, 984, -292, 0],
        'caveat' => ['Caveat', 'Caveat, a quick hand', FontKind::Hand, 400, 700, 1000, 960, -300, 0],
    ];

    /** key => what it has besides Latin: in files of their own, which a browser only fetches for words that have them */
    private const BESIDES = [
        'fraunces' => ['vietnamese'],
        'literata' => ['vietnamese', 'greek', 'greek-ext', 'cyrillic', 'cyrillic-ext'],
        'lora' => ['vietnamese', 'cyrillic', 'cyrillic-ext'],
        'bitter' => ['vietnamese', 'cyrillic', 'cyrillic-ext'],
        'piazzolla' => ['vietnamese', 'greek', 'greek-ext', 'cyrillic', 'cyrillic-ext'],
        'asap' => ['vietnamese'],
        'manrope' => ['vietnamese', 'greek', 'cyrillic', 'cyrillic-ext'],
        'work-sans' => ['vietnamese'],
        'nunito' => ['vietnamese', 'cyrillic', 'cyrillic-ext'],
        'jost' => ['cyrillic'],
        'space-grotesk' => ['vietnamese'],
        'caveat' => ['cyrillic', 'cyrillic-ext'],
    ];

    /** key => weight => average width of lowercase letters, for the weights a look can ask for; the heavier, the wider */
    private const WIDTHS = [
        'gloock' => [400 => 467],
        'fraunces' => [300 => 907, 400 => 938, 500 => 954, 600 => 969, 700 => 1000, 800 => 1016],
        'literata' => [300 => 465, 400 => 480, 500 => 491, 600 => 500, 700 => 512, 800 => 532],
        'lora' => [400 => 468, 500 => 473, 600 => 478, 700 => 482],
        'bitter' => [300 => 461, 400 => 465, 500 => 468, 600 => 471, 700 => 474, 800 => 479],
        'piazzolla' => [300 => 443, 400 => 445, 500 => 447, 600 => 450, 700 => 453, 800 => 457],
        'karla' => [300 => 891, 400 => 913, 500 => 932, 600 => 945, 700 => 957, 800 => 1003],
        'asap' => [300 => 442, 400 => 442, 500 => 442, 600 => 442, 700 => 442, 800 => 442],
        'figtree' => [300 => 444, 400 => 449, 500 => 453, 600 => 458, 700 => 463, 800 => 470],
        'manrope' => [300 => 904, 400 => 920, 500 => 937, 600 => 954, 700 => 971, 800 => 988],
        'work-sans' => [300 => 474, 400 => 499, 500 => 500, 600 => 501, 700 => 502, 800 => 502],
        'nunito' => [300 => 444, 400 => 452, 500 => 456, 600 => 460, 700 => 470, 800 => 481],
        'jost' => [300 => 416, 400 => 428, 500 => 446, 600 => 458, 700 => 472, 800 => 486],
        'space-grotesk' => [300 => 488, 400 => 489, 500 => 490, 600 => 490, 700 => 490],
        'caveat' => [400 => 343, 500 => 345, 600 => 347, 700 => 349],
    ];

    /** @return array<string, FontFamily> by key */
    public static function all(): array
    {
        /** @var ?array<string, FontFamily> $all */
        static $all = null;

        return $all ??= array_combine(
            array_keys(self::TABLE),
            array_map(
                static fn(string $k, array $r): FontFamily => new FontFamily(
                    $k,
                    ...[...$r, self::WIDTHS[$k], ['latin', 'latin-ext', ...self::BESIDES[$k] ?? []]],
                ),
                array_keys(self::TABLE),
                self::TABLE,
            ),
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
        return array_map(static fn(FontFamily $f): string => $f->label, self::all());
    }

    /** @return array<string, string> key => CSS font-family list */
    public static function stacks(): array
    {
        return array_map(static fn(FontFamily $f): string => $f->stack(), self::all());
    }

    /**
     * @return non-empty-list<string> keys of families with more than one weight
     *
     * @throws \LogicException
     */
    public static function withWeights(): array
    {
        return array_keys(array_filter(
            self::all(),
            static fn(FontFamily $f): bool => $f->hasWeights(),
        )) ?: throw new \LogicException('No family has weights.');
    }
}
