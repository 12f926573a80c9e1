<?php

declare(strict_types=1);

namespace Ikat\Core\Type\OpenType;

use Ikat\Core\Type\UnreadableFont;

/**
 * Glyphs that a font's features put in the place of others: single, multiple, ligatures, and those that depend on what stands around.
 *
 * Source: OpenType 1.9, "GSUB", lookup types 1, 2, 4, 5, 6 (and 7, which LayoutTable resolves).
 */
final class Substitutions
{
    /** A font whose lookups call one another without end is stopped. */
    private const MOST_NESTED = 8;

    /** A run of glyphs that grows without end is stopped, too. */
    private const MOST_GLYPHS = 20_000;

    private readonly LayoutTable $layout;

    /** @var array<int, list<Rules>> lookup => what its tables say, read so far */
    private array $rules = [];

    /** @var array<int, array<int, mixed>> lookup => the glyphs that it begins at, read so far */
    private array $begins = [];

    /** @var array<string, list<int>> scripts and features => lookups */
    private array $lookups = [];

    /**
     * @param array<int, int> $classes of glyphs (GDEF)
     * @param list<float> $place of a variable font on its axes, normalized
     *
     * @throws UnreadableFont
     */
    public function __construct(FontBytes $gsub, private readonly array $classes, array $place)
    {
        $this->layout = new LayoutTable($gsub, 'GSUB', $place);
    }

    /**
     * @param list<string> $scripts
     * @param list<string> $features
     *
     * @throws UnreadableFont
     */
    public function apply(GlyphRun $run, array $scripts, array $features): void
    {
        $lookups = $this->lookups[implode(',', [...$scripts, '/', ...$features])] ??= $this->layout->lookupsOf($scripts, $features);
        foreach ($lookups as $number) {
            // Most runs have none of the glyphs that most lookups begin at.
            $begins = $this->begins[$number] ??= $this->begins($number);
            for ($i = 0; $i < count($run->glyphs);) {
                $i = isset($begins[$run->glyphs[$i]]) ? $this->applyAt($run, $i, $number, 0) ?? $i + 1 : $i + 1;
            }
        }
    }

    /**
     * Applies one lookup at one place.
     *
     * @return ?int where the next glyph stands; null where nothing was put in the place of anything
     *
     * @throws UnreadableFont
     */
    public function applyAt(GlyphRun $run, int $i, int $number, int $depth): ?int
    {
        $lookup = $this->layout->lookup($number);
        $isTooMuch = $depth > self::MOST_NESTED || count($run->glyphs) > self::MOST_GLYPHS;
        if ($isTooMuch || $lookup->passesOver($this->classes[$run->glyphs[$i]] ?? 0)) {
            return null;
        }
        foreach ($this->rules($number) as $rules) {
            $next = $rules->applyAt($run, $i, $lookup, $this, $depth);
            if ($next !== null) {
                return $next;
            }
        }

        return null;
    }

    /** Where the next glyph stands that a lookup does not pass over, forwards or backwards. */
    public function next(GlyphRun $run, int $from, Lookup $lookup, int $way): ?int
    {
        for ($i = $from + $way; isset($run->glyphs[$i]); $i += $way) {
            if (! $lookup->passesOver($this->classes[$run->glyphs[$i]] ?? 0)) {
                return $i;
            }
        }

        return null;
    }

    /**
     * Whether any of these features depends on a glyph.
     *
     * @param list<string> $scripts
     * @param list<string> $features
     *
     * @throws UnreadableFont
     */
    public function minds(int $glyph, array $scripts, array $features): bool
    {
        foreach ($this->layout->lookupsOf($scripts, $features) as $number) {
            foreach ($this->rules($number) as $rules) {
                if ($rules->minds($glyph)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return list<Rules> of each table of a lookup */
    private function rules(int $number): array
    {
        $lookup = $this->layout->lookup($number);

        return $this->rules[$number] ??= array_values(array_filter(array_map(static fn(FontBytes $table): ?Rules => match ($lookup->type) {
            1 => SingleRules::read($table),
            2 => MultipleRules::read($table),
            4 => LigatureRules::read($table),
            5, 6 => ContextRules::read($table, $lookup->type === 6),
            default => null,
        }, $lookup->tables)));
    }

    /** @return array<int, mixed> by glyph */
    private function begins(int $number): array
    {
        $begins = [];
        foreach ($this->rules($number) as $rules) {
            $begins += $rules->begins();
        }

        return $begins;
    }
}
