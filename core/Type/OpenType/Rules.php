<?php

declare(strict_types=1);

namespace Ikat\Core\Type\OpenType;

use Ikat\Core\Type\UnreadableFont;

/** What one table of a substitution lookup says. */
interface Rules
{
    /** @return array<int, mixed> by the glyphs that it says something of */
    public function begins(): array;

    /** Whether it says something of a glyph, or of others where that stands beside them. */
    public function minds(int $glyph): bool;

    /**
     * Does what is said of the glyph at a place, as far as it holds there.
     *
     * @param int $depth how many lookups have led to this one
     *
     * @return ?int where the next glyph stands; null where nothing was put in the place of anything
     *
     * @throws UnreadableFont
     */
    public function applyAt(GlyphRun $run, int $i, Lookup $lookup, Substitutions $all, int $depth): ?int;
}
