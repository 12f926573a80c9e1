<?php

declare(strict_types=1);

namespace Ikat\Core\Type\OpenType;

use Ikat\Core\Type\UnreadableFont;

/** One glyph for several. Source: OpenType 1.9, "GSUB", lookup type 4. */
final readonly class LigatureRules implements Rules
{
    /** @param array<int, list<array{list<int>, int}>> $ligatures first glyph => those that follow it, and the ligature */
    private function __construct(private array $ligatures) {}

    /** @throws UnreadableFont */
    public static function read(FontBytes $table): self
    {
        return new self(array_map(static function (int $at) use ($table): array {
            $set = $table->from($table->u16(6 + 2 * $at));

            return array_map(static function (int $offset) use ($set): array {
                $ligature = $set->from($offset);

                return [$ligature->u16s(4, max(0, $ligature->u16(2) - 1)), $ligature->u16(0)];
            }, $set->u16s(2, $set->u16(0)));
        }, GlyphClasses::coverage($table->from($table->u16(2)))));
    }

    public function begins(): array
    {
        return $this->ligatures;
    }

    public function minds(int $glyph): bool
    {
        if (isset($this->ligatures[$glyph])) {
            return true;
        }
        foreach ($this->ligatures as $ligatures) {
            foreach ($ligatures as [$following]) {
                if (in_array($glyph, $following, true)) {
                    return true;
                }
            }
        }

        return false;
    }

    public function applyAt(GlyphRun $run, int $i, Lookup $lookup, Substitutions $all, int $depth): ?int
    {
        foreach ($this->ligatures[$run->glyphs[$i]] ?? [] as [$following, $ligature]) {
            $places = [];
            $last = $i;
            foreach ($following as $glyph) {
                $last = $all->next($run, $last, $lookup, 1);
                if ($last === null || $run->glyphs[$last] !== $glyph) {
                    continue 2;
                }
                $places[] = $last;
            }
            $run->replace($i, $ligature);
            foreach (array_reverse($places) as $gone) {
                $run->remove($gone);
            }

            return $i + 1;
        }

        return null;
    }
}
