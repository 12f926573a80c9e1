<?php

declare(strict_types=1);

namespace Ikat\Core\Type\OpenType;

use Ikat\Core\Type\UnreadableFont;

/**
 * Rules of what stands around: by glyphs, by classes or by sets. Source: OpenType 1.9, common table formats, "Sequence context" and
 * "Chained sequence context", formats 1 to 3.
 */
final readonly class ContextRules implements Rules
{
    /**
     * @param array<int, list<array{list<GlyphTest>, list<GlyphTest>, list<GlyphTest>, list<array{int, int}>}>> $rules glyph that they
     *     begin at => what stands before it (the nearest first), what of the context follows it, what comes after, and what is done: [which
     *     of the context, lookup]
     */
    private function __construct(private array $rules) {}

    /**
     * @param bool $isChained whether it also says what stands before and after
     *
     * @throws UnreadableFont
     */
    public static function read(FontBytes $table, bool $isChained): self
    {
        return new self(match ($table->u16(0)) {
            1 => self::byGlyphs($table, $isChained),
            2 => self::byClasses($table, $isChained),
            3 => self::bySets($table, $isChained),
            default => [],
        });
    }

    public function begins(): array
    {
        return $this->rules;
    }

    public function minds(int $glyph): bool
    {
        if (isset($this->rules[$glyph])) {
            return true;
        }
        foreach ($this->rules as $rules) {
            foreach ($rules as [$before, $these, $after]) {
                foreach ([...$before, ...$these, ...$after] as $test) {
                    if ($test->holds($glyph)) {
                        return true;
                    }
                }
            }
        }

        return false;
    }

    public function applyAt(GlyphRun $run, int $i, Lookup $lookup, Substitutions $all, int $depth): ?int
    {
        foreach ($this->rules[$run->glyphs[$i]] ?? [] as [$before, $these, $after, $actions]) {
            $places = self::matched($run, $i, $these, $lookup, $all, 1);
            if ($places === null || self::matched($run, $i, $before, $lookup, $all, -1) === null) {
                continue;
            }
            $places = [$i, ...$places];
            $last = $places[count($places) - 1];
            if (self::matched($run, $last, $after, $lookup, $all, 1) === null) {
                continue;
            }
            $length = count($run->glyphs);
            foreach ($actions as [$at, $number]) {
                if (isset($places[$at], $run->glyphs[$places[$at]])) {
                    $all->applyAt($run, $places[$at], $number, $depth + 1);
                }
            }

            return max($i + 1, $last + 1 + count($run->glyphs) - $length);
        }

        return null;
    }

    /**
     * @param list<GlyphTest> $tests
     *
     * @return ?list<int> where the glyphs stand that the tests hold of, one after another
     */
    private static function matched(GlyphRun $run, int $from, array $tests, Lookup $lookup, Substitutions $all, int $way): ?array
    {
        $places = [];
        foreach ($tests as $test) {
            $from = $all->next($run, $from, $lookup, $way);
            if ($from === null || ! $test->holds($run->glyphs[$from])) {
                return null;
            }
            $places[] = $from;
        }

        return $places;
    }

    /** @return array<int, list<array{list<GlyphTest>, list<GlyphTest>, list<GlyphTest>, list<array{int, int}>}>> */
    private static function byGlyphs(FontBytes $table, bool $isChained): array
    {
        $glyph = static fn(int $wanted): GlyphTest => new GlyphTest(null, $wanted);

        return array_map(static function (int $at) use ($table, $isChained, $glyph): array {
            $offset = $table->u16(6 + 2 * $at);

            return $offset === 0 ? [] : self::set($table->from($offset), $isChained, $glyph, $glyph, $glyph);
        }, GlyphClasses::coverage($table->from($table->u16(2))));
    }

    /** @return array<int, list<array{list<GlyphTest>, list<GlyphTest>, list<GlyphTest>, list<array{int, int}>}>> */
    private static function byClasses(FontBytes $table, bool $isChained): array
    {
        $read = static fn(int $at): array => $table->u16($at) === 0 ? [] : GlyphClasses::classes($table->from($table->u16($at)));
        $classes = $read($isChained ? 6 : 4);
        $these = self::test($classes);
        [$before, $after] = [self::test($isChained ? $read(4) : []), self::test($isChained ? $read(8) : [])];
        $start = $isChained ? 10 : 6;
        $ofClass = [];
        for ($class = 0, $count = $table->u16($start); $class < $count; $class++) {
            $offset = $table->u16($start + 2 + 2 * $class);
            $ofClass[] = $offset === 0 ? [] : self::set($table->from($offset), $isChained, $before, $these, $after);
        }
        $rules = [];
        foreach (GlyphClasses::coverage($table->from($table->u16(2))) as $glyph => $at) {
            $rules[$glyph] = $ofClass[$classes[$glyph] ?? 0] ?? [];
        }

        return $rules;
    }

    /**
     * @param \Closure(int): GlyphTest $before
     * @param \Closure(int): GlyphTest $these
     * @param \Closure(int): GlyphTest $after
     *
     * @return list<array{list<GlyphTest>, list<GlyphTest>, list<GlyphTest>, list<array{int, int}>}>
     */
    private static function set(FontBytes $set, bool $isChained, \Closure $before, \Closure $these, \Closure $after): array
    {
        $rules = [];
        foreach ($set->u16s(2, $set->u16(0)) as $offset) {
            $rule = $set->from($offset);
            if (! $isChained) {
                [$count, $actions] = $rule->u16s(0, 2);
                $following = $rule->u16s(4, max(0, $count - 1));
                $rules[] = [[], array_map($these, $following), [], self::actions($rule, 4 + 2 * count($following), $actions)];

                continue;
            }
            $at = 0;
            $sequence = static function (bool $hasFirst) use ($rule, &$at): array {
                $count = max(0, $rule->u16($at) - ($hasFirst ? 1 : 0));
                $values = $rule->u16s($at + 2, $count);
                $at += 2 + 2 * $count;

                return $values;
            };
            $rules[] = [
                array_map($before, $sequence(false)), array_map($these, $sequence(true)), array_map($after, $sequence(false)),
                self::actions($rule, $at + 2, $rule->u16($at)),
            ];
        }

        return $rules;
    }

    /**
     * @param array<int, int> $classes of glyphs
     *
     * @return \Closure(int): GlyphTest to be of a class
     */
    private static function test(array $classes): \Closure
    {
        return static fn(int $class): GlyphTest => new GlyphTest($classes, $class);
    }

    /** @return array<int, list<array{list<GlyphTest>, list<GlyphTest>, list<GlyphTest>, list<array{int, int}>}>> */
    private static function bySets(FontBytes $table, bool $isChained): array
    {
        if ($isChained) {
            $parts = [];
            $at = 2;
            for ($i = 0; $i < 3; $i++) {
                $parts[] = $table->u16s($at + 2, $table->u16($at));
                $at += 2 + 2 * $table->u16($at);
            }
            [$before, $these, $after] = $parts;
            $actions = self::actions($table, $at + 2, $table->u16($at));
        } else {
            [$count, $done] = $table->u16s(2, 2);
            [$before, $these, $after] = [[], $table->u16s(6, $count), []];
            $actions = self::actions($table, 6 + 2 * $count, $done);
        }
        $rule = [self::tests($table, $before), self::tests($table, array_slice($these, 1)), self::tests($table, $after), $actions];
        $first = GlyphClasses::coverage($table->from($these[0] ?? throw UnreadableFont::endsEarly()));

        return array_map(static fn(): array => [$rule], $first);
    }

    /**
     * @param list<int> $offsets of sets
     *
     * @return list<GlyphTest>
     */
    private static function tests(FontBytes $table, array $offsets): array
    {
        return array_map(
            static fn(int $offset): GlyphTest => new GlyphTest(GlyphClasses::coverage($table->from($offset)), null),
            $offsets,
        );
    }

    /** @return list<array{int, int}> */
    private static function actions(FontBytes $table, int $at, int $count): array
    {
        $actions = [];
        for ($i = 0; $i < $count; $i++) {
            $actions[] = [$table->u16($at + 4 * $i), $table->u16($at + 4 * $i + 2)];
        }

        return $actions;
    }
}
