<?php

declare(strict_types=1);

namespace Ikat\Core\Type\OpenType;

use Ikat\Core\Type\UnreadableFont;

/**
 * A font as far as it is measured: which characters it has, how wide they are, and how high a line of it is.
 *
 * Source: OpenType 1.9, "head", "hhea", "hmtx", "maxp", "OS/2", "GDEF".
 */
final class OpenTypeFont
{
    private const USE_TYPO_METRICS = 0x80;

    /** @var array<string, FontInstance> at places it was asked for */
    private array $instances = [];

    private ?bool $isApart = null;

    /**
     * @param string $key of its contents
     * @param int $unitsPerEm of all that follows
     * @param int $ascent above the baseline, of a line without more space
     * @param int $descent negative, below it
     * @param array<int, int> $characters code point => glyph
     * @param list<int> $advances widths of glyphs; those beyond the last are as wide as that
     * @param array<int, int> $classes of glyphs (GDEF): 1 base, 2 ligature, 3 mark
     */
    private function __construct(
        public readonly string $key,
        public readonly int $unitsPerEm,
        public readonly int $ascent,
        public readonly int $descent,
        public readonly int $lineGap,
        public readonly array $characters,
        public readonly array $advances,
        public readonly array $classes,
        public readonly Axes $axes,
        private readonly FontFile $file,
    ) {}

    /** @throws UnreadableFont */
    public static function of(string $bytes): self
    {
        $file = FontFile::of($bytes);
        $unitsPerEm = $file->table('head')->u16(18);
        if ($unitsPerEm < 16 || $unitsPerEm > 16384) {
            throw UnreadableFont::because('its em has no size');
        }
        $glyphs = $file->table('maxp')->u16(4);
        $hhea = $file->table('hhea');
        $widths = $hhea->u16(34);
        if ($glyphs === 0 || $widths === 0 || $widths > $glyphs) {
            throw UnreadableFont::because('it has no widths');
        }
        $advances = [];
        foreach ($file->table('hmtx')->u16s(0, 2 * $widths) as $i => $value) {
            if ($i % 2 === 0) {
                $advances[] = $value;
            }
        }

        return new self(
            hash('xxh128', $bytes),
            $unitsPerEm,
            ...self::vertical($file, $hhea),
            characters: CharacterMap::read($file->table('cmap'), $glyphs),
            advances: $advances,
            classes: self::classes($file),
            axes: Axes::read($file),
            file: $file,
        );
    }

    /**
     * The font at a place of its axes.
     *
     * @param array<string, float> $wanted tag of an axis => value: ["wght" => 550.0]
     *
     * @throws UnreadableFont
     */
    public function at(array $wanted): FontInstance
    {
        $place = $this->axes->normalized($wanted);

        return $this->instances[implode(' ', $place)] ??= new FontInstance($this, $this->file, $place);
    }

    /** Whether words may be set one by one: no feature depends on the spaces between them. @throws UnreadableFont */
    public function setsWordsApart(): bool
    {
        return $this->isApart ??= $this->at([])->setsWordsApart();
    }

    /** @return array{ascent: int, descent: int, lineGap: int} as browsers take them */
    private static function vertical(FontFile $file, FontBytes $hhea): array
    {
        $names = ['ascent', 'descent', 'lineGap'];
        $own = [$hhea->i16(4), $hhea->i16(6), $hhea->i16(8)];
        $os2 = $file->has('OS/2') ? $file->table('OS/2') : null;
        if ($os2 !== null && $os2->length() >= 78) {
            $typographic = [$os2->i16(68), $os2->i16(70), $os2->i16(72)];
            if (($os2->u16(62) & self::USE_TYPO_METRICS) !== 0 || [$own[0], $own[1]] === [0, 0]) {
                return array_combine($names, $typographic);
            }
        }

        return array_combine($names, $own);
    }

    /** @return array<int, int> */
    private static function classes(FontFile $file): array
    {
        if (! $file->has('GDEF')) {
            return [];
        }
        $gdef = $file->table('GDEF');

        return $gdef->u16(4) > 0 ? GlyphClasses::classes($gdef->from($gdef->u16(4))) : [];
    }
}
