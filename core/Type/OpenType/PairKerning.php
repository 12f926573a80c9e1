<?php

declare(strict_types=1);

namespace Ikat\Core\Type\OpenType;

use Ikat\Core\Type\UnreadableFont;

/** How much nearer two glyphs stand than side by side. Source: OpenType 1.9, "GPOS", lookup type 2 (and 9, which LayoutTable resolves). */
final class PairKerning
{
    private const ADVANCE = 0x4;
    private const ADVANCE_DEVICE = 0x40;

    /** What a device table calls itself that leads to a variation store. */
    private const VARIES = 0x8000;

    private readonly LayoutTable $layout;

    /** @var array<int, array<int, array{float, ?float}>> lookup => pair => font units of the first and the second, found so far */
    private array $found = [];

    /** @var array<int, array<int, int>> table => its set of first glyphs */
    private array $covered = [];

    /** @var array<int, array{array<int, int>, array<int, int>}> table => classes of its first and second glyphs */
    private array $classesOf = [];

    /** @var array<string, list<int>> scripts => lookups */
    private array $lookups = [];

    /**
     * @param array<int, int> $classes of glyphs (GDEF)
     * @param list<float> $place of a variable font on its axes, normalized
     * @param ?VariationStore $store of a variable font, at that place
     *
     * @throws UnreadableFont
     */
    public function __construct(
        FontBytes $gpos,
        private readonly array $classes,
        array $place,
        private readonly ?VariationStore $store,
    ) {
        $this->layout = new LayoutTable($gpos, 'GPOS', $place);
    }

    /** @param list<string> $scripts */
    public function isFor(array $scripts): bool
    {
        return $this->lookupsOf($scripts) !== [];
    }

    /**
     * By how much each glyph is wider for what follows it.
     *
     * @param array<int, int> $glyphs in order
     * @param list<string> $scripts
     *
     * @return array<int, float> place in the row => font units
     *
     * @throws UnreadableFont
     */
    public function of(array $glyphs, array $scripts): array
    {
        $moved = [];
        foreach ($this->lookupsOf($scripts) as $number) {
            $lookup = $this->layout->lookup($number);
            $last = null;
            foreach ($glyphs as $i => $glyph) {
                if ($lookup->passesOver($this->classes[$glyph] ?? 0)) {
                    continue;
                }
                if ($last !== null) {
                    $key = $glyphs[$last] << 16 | $glyph;
                    [$first, $second] = $this->found[$number][$key] ??= $this->pair($lookup, $glyphs[$last], $glyph);
                    if ($first !== 0.0) {
                        $moved[$last] = ($moved[$last] ?? 0.0) + $first;
                    }
                    if ($second !== null) {
                        $moved[$i] = ($moved[$i] ?? 0.0) + $second;
                        // A pair that also moves its second glyph uses it up.
                        $last = null;

                        continue;
                    }
                }
                $last = $i;
            }
        }

        return $moved;
    }

    /**
     * @param list<string> $scripts
     *
     * @return list<int>
     */
    private function lookupsOf(array $scripts): array
    {
        return $this->lookups[implode(',', $scripts)] ??= array_values(array_filter(
            $this->layout->lookupsOf($scripts, ['kern']),
            fn(int $number): bool => $this->layout->lookup($number)->type === 2,
        ));
    }

    /** @return array{float, ?float} by how much the first is wider, and the second; null where that is not said */
    private function pair(Lookup $lookup, int $first, int $second): array
    {
        foreach ($lookup->tables as $table) {
            $at = ($this->covered[spl_object_id($table)] ??= GlyphClasses::coverage($table->from($table->u16(2))))[$first] ?? null;
            if ($at === null) {
                continue;
            }
            [$format, , $one, $two] = $table->u16s(0, 4);
            $size = 2 * substr_count(decbin($one), '1');
            $both = $size + 2 * substr_count(decbin($two), '1');
            $found = $format === 1
                ? self::record($table->from($table->u16(10 + 2 * $at)), $second, $both)
                : $this->ofClasses($table, $first, $second, $both);
            if ($found !== null) {
                [$parent, $record] = $found;

                return [$this->advance($parent, $record, $one), $two === 0 ? null : $this->advance($parent, $record + $size, $two)];
            }
        }

        return [0.0, null];
    }

    /** @return ?array{FontBytes, int} the table that the second glyph's record is in, and where */
    private static function record(FontBytes $set, int $second, int $size): ?array
    {
        // Records are in the order of the second glyph.
        for ([$from, $to] = [0, $set->u16(0) - 1]; $from <= $to;) {
            $middle = intdiv($from + $to, 2);
            $record = 2 + ($size + 2) * $middle;
            $glyph = $set->u16($record);
            if ($glyph === $second) {
                return [$set, $record + 2];
            }
            $glyph < $second ? $from = $middle + 1 : $to = $middle - 1;
        }

        return null;
    }

    /** @return ?array{FontBytes, int} */
    private function ofClasses(FontBytes $table, int $first, int $second, int $size): ?array
    {
        [$firsts, $seconds] = $this->classesOf[spl_object_id($table)] ??= [
            GlyphClasses::classes($table->from($table->u16(8))), GlyphClasses::classes($table->from($table->u16(10))),
        ];
        [$count, $others] = $table->u16s(12, 2);
        [$one, $other] = [$firsts[$first] ?? 0, $seconds[$second] ?? 0];

        return $one < $count && $other < $others ? [$table, 16 + $size * ($others * $one + $other)] : null;
    }

    private function advance(FontBytes $parent, int $record, int $format): float
    {
        $before = static fn(int $flag): int => $record + 2 * substr_count(decbin($format & ($flag - 1)), '1');
        $advance = $format & self::ADVANCE ? (float) $parent->i16($before(self::ADVANCE)) : 0.0;
        $device = $format & self::ADVANCE_DEVICE && $this->store !== null ? $parent->u16($before(self::ADVANCE_DEVICE)) : 0;
        if ($device > 0 && $parent->u16($device + 4) === self::VARIES) {
            $advance += $this->store->delta($parent->u16($device), $parent->u16($device + 2));
        }

        return $advance;
    }
}
