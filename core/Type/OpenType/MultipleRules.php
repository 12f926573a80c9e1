<?php

declare(strict_types=1);

namespace Ikat\Core\Type\OpenType;

use Ikat\Core\Type\UnreadableFont;

/** Several glyphs for one. Source: OpenType 1.9, "GSUB", lookup type 2. */
final readonly class MultipleRules implements Rules
{
    /** @param array<int, list<int>> $glyphs */
    private function __construct(private array $glyphs) {}

    /** @throws UnreadableFont */
    public static function read(FontBytes $table): self
    {
        return new self(array_map(static function (int $at) use ($table): array {
            $sequence = $table->from($table->u16(6 + 2 * $at));

            return $sequence->u16s(2, $sequence->u16(0));
        }, GlyphClasses::coverage($table->from($table->u16(2)))));
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
        $to = $this->glyphs[$run->glyphs[$i]] ?? [];
        if ($to === []) {
            return null;
        }
        $run->expand($i, $to);

        return $i + count($to);
    }
}
