<?php

declare(strict_types=1);

namespace Ikat\Core\Type\OpenType;

use Ikat\Core\Type\UnreadableFont;

/**
 * What substitutions (GSUB) and placements (GPOS) have in common: scripts, features, lookups. Source: OpenType 1.9, common table formats.
 */
final class LayoutTable
{
    /** Lookups that only lead to a table of another kind farther away. */
    private const EXTENSION_OF = ['GSUB' => 7, 'GPOS' => 9];

    private const MARK_FILTER = 0x10;

    /** @var array<string, FontBytes> script => its default language system */
    private array $languages = [];

    /** @var list<array{string, FontBytes}> tag and table of each feature */
    private array $features = [];

    /** @var array<int, Lookup> read so far */
    private array $lookups = [];

    private readonly FontBytes $list;

    /**
     * @param 'GSUB'|'GPOS' $tag
     * @param list<float> $place of a variable font on its axes, normalized
     *
     * @throws UnreadableFont
     */
    public function __construct(FontBytes $table, private readonly string $tag, array $place)
    {
        $scripts = $table->from($table->u16(4));
        for ($i = 0, $count = $scripts->u16(0); $i < $count; $i++) {
            $script = $scripts->from($scripts->u16(6 + 6 * $i));
            if ($script->u16(0) > 0) {
                $this->languages[$scripts->text(2 + 6 * $i, 4)] = $script->from($script->u16(0));
            }
        }
        $features = $table->from($table->u16(6));
        for ($i = 0, $count = $features->u16(0); $i < $count; $i++) {
            $this->features[] = [$features->text(2 + 6 * $i, 4), $features->from($features->u16(6 + 6 * $i))];
        }
        if ($table->u16(2) >= 1 && $table->u32(10) > 0) {
            foreach (self::features($table->from($table->u32(10)), $place) as $number => $feature) {
                if (isset($this->features[$number])) {
                    $this->features[$number][1] = $feature;
                }
            }
        }
        $this->list = $table->from($table->u16(8));
    }

    /**
     * Features that are others at a place of a font's axes ("Feature variations").
     *
     * @param list<float> $place
     *
     * @return array<int, FontBytes> number of a feature => its table there
     */
    private static function features(FontBytes $variations, array $place): array
    {
        for ($i = 0, $count = $variations->u32(4); $i < $count; $i++) {
            [$conditions, $features] = [$variations->u32(8 + 8 * $i), $variations->u32(12 + 8 * $i)];
            if (! self::isMet($conditions === 0 ? null : $variations->from($conditions), $place)) {
                continue;
            }
            $table = $variations->from($features);
            $found = [];
            for ($j = 0, $last = $table->u16(4); $j < $last; $j++) {
                $found[$table->u16(6 + 6 * $j)] = $table->from($table->u32(8 + 6 * $j));
            }

            return $found;
        }

        return [];
    }

    /** @param list<float> $place */
    private static function isMet(?FontBytes $conditions, array $place): bool
    {
        for ($i = 0, $count = $conditions?->u16(0) ?? 0; $i < $count; $i++) {
            $condition = $conditions->from($conditions->u32(2 + 4 * $i));
            $at = $place[$condition->u16(2)] ?? 0.0;
            if ($condition->u16(0) !== 1 || $at < $condition->f2dot14(4) || $at > $condition->f2dot14(6)) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param list<string> $scripts tags of a script, the first that the font knows is meant; "DFLT" and "latn" will do in the end
     * @param list<string> $wanted tags of features
     *
     * @return list<int> numbers of lookups, in the order they are applied in
     *
     * @throws UnreadableFont
     */
    public function lookupsOf(array $scripts, array $wanted): array
    {
        foreach ([...$scripts, 'DFLT', 'dflt', 'latn'] as $script) {
            $language = $this->languages[$script] ?? null;
            if ($language === null) {
                continue;
            }
            $found = [];
            foreach ($language->u16s(6, $language->u16(4)) as $number) {
                [$tag, $feature] = $this->features[$number] ?? throw UnreadableFont::endsEarly();
                if (in_array($tag, $wanted, true)) {
                    $found = [...$found, ...$feature->u16s(4, $feature->u16(2))];
                }
            }
            sort($found);

            return array_values(array_unique($found));
        }

        return [];
    }

    /** @throws UnreadableFont */
    public function lookup(int $number): Lookup
    {
        if (isset($this->lookups[$number])) {
            return $this->lookups[$number];
        }
        if ($number >= $this->list->u16(0)) {
            throw UnreadableFont::endsEarly();
        }
        $lookup = $this->list->from($this->list->u16(2 + 2 * $number));
        [$type, $flag, $count] = $lookup->u16s(0, 3);
        $isExtension = $type === self::EXTENSION_OF[$this->tag];
        $tables = [];
        foreach ($lookup->u16s(6, $count) as $offset) {
            $table = $lookup->from($offset);
            $type = $isExtension ? $table->u16(2) : $type;
            $tables[] = $isExtension ? $table->from($table->u32(4)) : $table;
        }

        return $this->lookups[$number] = new Lookup($type, $flag & ~self::MARK_FILTER, $tables);
    }
}
