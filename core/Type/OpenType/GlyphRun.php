<?php

declare(strict_types=1);

namespace Ikat\Core\Type\OpenType;

/** Glyphs in a row while features put others in their places. */
final class GlyphRun
{
    /** @var array<int, int> in order */
    public array $glyphs;

    /** @var array<int, int> numbers of the characters that the glyphs begin at */
    public array $at;

    /** @param list<int> $glyphs one for each character */
    public function __construct(array $glyphs)
    {
        $this->glyphs = $glyphs;
        $this->at = array_keys($glyphs);
    }

    /** Puts one glyph in the place of another. */
    public function replace(int $i, int $glyph): void
    {
        $this->glyphs[$i] = $glyph;
    }

    /**
     * Puts several glyphs in the place of one.
     *
     * @param non-empty-list<int> $glyphs
     */
    public function expand(int $i, array $glyphs): void
    {
        array_splice($this->at, $i, 1, array_fill(0, count($glyphs), $this->at[$i]));
        array_splice($this->glyphs, $i, 1, $glyphs);
    }

    public function remove(int $i): void
    {
        array_splice($this->at, $i, 1);
        array_splice($this->glyphs, $i, 1);
    }
}
