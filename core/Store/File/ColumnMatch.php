<?php

declare(strict_types=1);

namespace Ikat\Core\Store\File;

use Ikat\Core\Store\Cell\CellType;
use Ikat\Core\Store\Column;
use Ikat\Core\Store\Names;
use Ikat\Core\Store\RecordKind;
use Ikat\Core\Store\UnreadableCell;

/**
 * Which column of a file is which of the store's: by its name, and by what is in it.
 *
 * @phpstan-import-type Value from CellType
 */
final readonly class ColumnMatch
{
    /** Share of the values that must be as the store has them for a column to be known by them. */
    private const AGREES = 0.5;

    /** Share by which a number may differ and still speak for its column: prices rise, stock is counted. */
    private const NEAR = 0.12;

    /**
     * @param array<int, string> $columns number of a column of the file => key of the store's; those left out are not there
     * @param array<int, string> $by number of a column of the file => name, values or hand
     */
    public function __construct(public array $columns, public array $by) {}

    /**
     * @param list<string> $heads names of the file's columns
     * @param list<list<string>> $rows its first rows
     * @param list<array<string, Value>> $records of the store, for what is in the file to be compared with
     */
    public static function of(RecordKind $kind, array $heads, array $rows, array $records, Names $names): self
    {
        $columns = self::byName($kind, $heads);
        $by = array_fill_keys(array_keys($columns), 'name');
        foreach (self::byValues($kind, $heads, $rows, $records, $names, $columns) as $i => $key) {
            $columns[$i] = $key;
            $by[$i] = 'values';
        }
        ksort($columns);
        ksort($by);

        return new self($columns, $by);
    }

    /**
     * @param list<string> $heads
     *
     * @return array<int, string>
     */
    public static function byName(RecordKind $kind, array $heads): array
    {
        $known = [];
        foreach ($kind->columns as $key => $column) {
            foreach ([$key, $column->label, ...$column->also] as $name) {
                $known[self::plain($name)] ??= $kind->isInFiles($column) ? $key : '';
            }
        }
        $columns = [];
        foreach ($heads as $i => $head) {
            $key = $known[self::plain($head)] ?? '';
            if ($key !== '' && ! in_array($key, $columns, true)) {
                $columns[$i] = $key;
            }
        }

        return $columns;
    }

    /** The same columns, with one of them chosen by hand; an empty key leaves it out. */
    public function withChosen(int $column, string $key): self
    {
        $columns = array_filter($this->columns, static fn(string $k, int $i): bool => $k !== $key && $i !== $column, ARRAY_FILTER_USE_BOTH);
        if ($key !== '') {
            $columns[$column] = $key;
        }
        ksort($columns);

        $by = array_intersect_key($this->by, $columns);

        return new self($columns, $key === '' ? $by : array_replace($by, [$column => 'hand']));
    }

    /** Number of the file's column that is a column of the store; null for none. */
    public function columnOf(string $key): ?int
    {
        $at = array_search($key, $this->columns, true);

        return $at === false ? null : $at;
    }

    /**
     * What has no name that is known, by how far its values are as the store has them; where it has none, by what alone can be read so.
     *
     * @param list<string> $heads
     * @param list<list<string>> $rows
     * @param list<array<string, Value>> $records
     * @param array<int, string> $named
     *
     * @return array<int, string>
     */
    private static function byValues(
        RecordKind $kind,
        array $heads,
        array $rows,
        array $records,
        Names $names,
        array $named,
    ): array {
        $at = array_search($kind->name, $named, true);
        $byName = [];
        foreach ($records as $record) {
            $byName[mb_strtolower($kind->column($kind->name)->type->write($record[$kind->name], $names))] = $record;
        }
        $scores = [];
        foreach (array_keys(array_diff_key($heads, $named)) as $i) {
            foreach (array_diff_key($kind->columns, array_flip($named)) as $key => $column) {
                $score = $column->isComputed ? 0.0 : self::agreement($column, $i, $rows, $at === false ? null : $at, $byName, $names);
                if ($score > self::AGREES) {
                    $scores["$i $key"] = $score;
                }
            }
        }
        arsort($scores);
        $found = [];
        foreach (array_keys($scores) as $pair) {
            [$i, $key] = explode(' ', $pair);
            if (! isset($found[(int) $i]) && ! in_array($key, $found, true)) {
                $found[(int) $i] = $key;
            }
        }

        return $found;
    }

    /**
     * @param list<list<string>> $rows
     * @param array<string, array<string, Value>> $byName
     *
     * @return float share of the filled cells that speak for it: 0..1
     */
    private static function agreement(Column $column, int $i, array $rows, ?int $name, array $byName, Names $names): float
    {
        [$filled, $agreeing] = [0, 0.0];
        foreach ($rows as $row) {
            $typed = trim($row[$i] ?? '');
            $record = $name === null ? null : $byName[mb_strtolower(trim($row[$name] ?? ''))] ?? null;
            if ($typed === '' || $byName !== [] && $name !== null && $record === null) {
                continue;
            }
            $filled++;
            try {
                $value = $column->read($typed, $names);
            } catch (UnreadableCell) {
                continue;
            }
            $agreeing += $record === null
                ? self::onItsOwn($column, $typed, $byName)
                : self::likeness($value, $record[$column->key] ?? null);
        }

        return $filled === 0 ? 0.0 : $agreeing / $filled;
    }

    /**
     * @param Value $value
     * @param Value $stored
     *
     * @return float 0..1
     */
    private static function likeness(int|string|bool|array|null $value, int|string|bool|array|null $stored): float
    {
        if (is_int($value) && is_int($stored) && $value !== $stored) {
            return abs($value - $stored) <= self::NEAR * max(abs($value), abs($stored)) ? 0.8 : 0.0;
        }

        return $value === $stored ? 1.0 : 0.0;
    }

    /**
     * What a cell says of its column where there is nothing to compare it with: names of records and pictures are few, and so are
     * days, codes and facts; a number or a text may be anything.
     *
     * @param array<string, array<string, Value>> $byName
     */
    private static function onItsOwn(Column $column, string $typed, array $byName): float
    {
        if (isset($byName[mb_strtolower($typed)])) {
            return in_array($column->key, ['name', 'title', 'label', 'code'], true) ? 1.0 : 0.0;
        }

        return in_array($column->type->field(), ['record', 'pictures', 'target', 'choice', 'day'], true) ? 0.9 : 0.0;
    }

    /** A name without what differs between ways to write it. */
    private static function plain(string $name): string
    {
        return (string) preg_replace('/[^\p{L}\p{N}]+/u', '', mb_strtolower($name));
    }
}
