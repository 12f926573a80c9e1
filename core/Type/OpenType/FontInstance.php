<?php

declare(strict_types=1);

namespace Ikat\Core\Type\OpenType;

use Ikat\Core\Type\UnreadableFont;

/** A font at one place of its axes: how wide a run of its characters is. */
final class FontInstance
{
    /** What browsers apply unasked, as far as it changes which glyphs stand in a line (CSS Fonts 4, section 6; HarfBuzz's defaults). */
    private const UNASKED = ['rvrn', 'ccmp', 'locl', 'rlig', 'calt', 'clig', 'liga', 'rclt'];

    /** Those of them that a distance between letters switches off (CSS Text 4, letter-spacing). */
    private const LIGATURES = ['clig', 'liga', 'calt'];

    private const MARK = 3;

    /** The character between words. */
    private const SPACE = 0x20;

    /** OpenType tags of the scripts that are told apart. */
    public const SCRIPTS = ['Latin' => 'latn', 'Greek' => 'grek', 'Cyrillic' => 'cyrl'];

    /** @var array<int, float> glyph => font units, as far as they were asked for */
    private array $advances = [];

    /** Of the font's contents and the place: two that are alike have the same. */
    public readonly string $key;

    private readonly AdvanceVariations|OutlineVariations|null $variations;

    private readonly ?Substitutions $substitutions;

    private readonly ?PairKerning $kerning;

    /** @var ?array<int, int> pairs of the old table, once it is needed */
    private ?array $pairs = null;

    /**
     * @param list<float> $place on its axes, normalized
     *
     * @throws UnreadableFont
     */
    public function __construct(private readonly OpenTypeFont $font, private readonly FontFile $file, array $place)
    {
        $this->key = implode(' ', [$font->key, ...$place]);
        $isVaried = array_filter($place) !== [];
        $this->variations = match (true) {
            ! $isVaried => null,
            $file->has('HVAR') => new AdvanceVariations($file->table('HVAR'), $place),
            $file->has('gvar') && $file->has('glyf') => new OutlineVariations($file, $place),
            default => null,
        };
        $this->substitutions = $file->has('GSUB') ? new Substitutions($file->table('GSUB'), $font->classes, $place) : null;
        $this->kerning = $file->has('GPOS')
            ? new PairKerning($file->table('GPOS'), $font->classes, $place, $isVaried ? self::store($file, $place) : null)
            : null;
    }

    /**
     * The glyphs of a run of characters of one script that the font has, each with its width.
     *
     * @param list<int> $codes code points
     * @param list<string> $scripts OpenType tags of the script, the newest first
     * @param bool $isSpaced whether letters stand apart, which leaves out ligatures
     * @param list<string> $features asked for besides: ["tnum"]
     *
     * @return list<array{at: int, advance: float, kerning: float}> which character of the run a glyph begins at, font units without
     *     and of the kerning to the next glyph
     *
     * @throws UnreadableFont
     */
    public function glyphs(array $codes, array $scripts, bool $isSpaced = false, array $features = [], bool $isKerned = true): array
    {
        $characters = $this->font->characters;
        $run = new GlyphRun(array_map(static fn(int $code): int => $characters[$code] ?? 0, $codes));
        if ($this->substitutions !== null) {
            $unasked = $isSpaced ? array_values(array_diff(self::UNASKED, self::LIGATURES)) : self::UNASKED;
            $this->substitutions->apply($run, $scripts, [...$unasked, ...$features]);
        }
        $moved = $isKerned ? $this->moved($run->glyphs, $scripts) : [];
        $glyphs = [];
        foreach ($run->glyphs as $i => $glyph) {
            $glyphs[] = [
                'at' => $run->at[$i],
                'advance' => $this->advances[$glyph] ??= $this->advance($glyph),
                'kerning' => $moved[$i] ?? 0.0,
            ];
        }

        return $glyphs;
    }

    /** Whether no feature puts other glyphs in the place of any because of a space. @throws UnreadableFont */
    public function setsWordsApart(): bool
    {
        $space = $this->font->characters[self::SPACE] ?? null;
        if ($space === null || $this->substitutions === null) {
            return true;
        }
        foreach (self::SCRIPTS as $script) {
            if ($this->substitutions->minds($space, [$script], self::UNASKED)) {
                return false;
            }
        }

        return true;
    }

    private function advance(int $glyph): float
    {
        // A mark stands upon its letter and takes no room.
        if (($this->font->classes[$glyph] ?? 0) === self::MARK) {
            return 0.0;
        }
        $advances = $this->font->advances;

        return ($advances[$glyph] ?? $advances[count($advances) - 1]) + ($this->variations?->delta($glyph) ?? 0.0);
    }

    /**
     * @param array<int, int> $glyphs in order
     * @param list<string> $scripts
     *
     * @return array<int, float>
     */
    private function moved(array $glyphs, array $scripts): array
    {
        if ($this->kerning?->isFor($scripts) === true) {
            return $this->kerning->of($glyphs, $scripts);
        }
        $this->pairs ??= $this->file->has('kern') ? OldKerning::read($this->file->table('kern')) : [];
        $moved = [];
        for ($i = 0, $last = $this->pairs === [] ? 0 : count($glyphs) - 1; $i < $last; $i++) {
            $pair = $this->pairs[$glyphs[$i] << 16 | $glyphs[$i + 1]] ?? 0;
            if ($pair !== 0) {
                $moved[$i] = (float) $pair;
            }
        }

        return $moved;
    }

    /** @param list<float> $place */
    private static function store(FontFile $file, array $place): ?VariationStore
    {
        $gdef = $file->has('GDEF') ? $file->table('GDEF') : null;
        $at = $gdef !== null && $gdef->u32(0) >= 0x00010003 ? $gdef->u32(14) : 0;

        return $gdef !== null && $at > 0 ? new VariationStore($gdef->from($at), $place) : null;
    }
}
