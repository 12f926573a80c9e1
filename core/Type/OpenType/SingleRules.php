<?php

declare(strict_types=1);

namespace Ikat\Core\Type\OpenType;

use Ikat\Core\Type\UnreadableFont;

/** One glyph for another. Source: OpenType 1.9, "GSUB", lookup type 1. */
final readonly class SingleRules implements Rules
{
    /** @param array<int, int> $glyphs */
    private function __construct(private array $glyphs) {}

    /** @throws UnreadableFont */
    public static function read(FontBytes $table): self
    {
        $set = GlyphClasses::coverage($table->from($table->u16(2)));
        $glyphs = [];
        if ($table->u16(0) === 1) {
            $by = $table->i16(4);
            foreach (array_keys($set) as $glyph) {
                $glyphs[$glyph] = ($glyph + $by) & 0xFFFF;
            }

            return new self($glyphs);
        }
        $to = $table->u16s(6, $table->u16(4));
        foreach ($set as $glyph => $at) {
            if (isset($to[$at])) {
                $glyphs[$glyph] = $to[$at];
            }
        }

        return new self($glyphs);
    }

    public function begins(): array
    {
        return $this->glyphs;
    }

    public function minds(int $glyph): bool
    {
        return isset($this->glyphs[$glyph]);
    }

    public function applyAt(GlyphRun $run, int $i, Lookup $lookup, Substitutions $all, int $depth): ?int
    {
        $to = $this->glyphs[$run->glyphs[$i]] ?? null;
        if ($to === null) {
            return null;
        }
        $run->replace($i, $to);

        return $i + 1;
    }
}
