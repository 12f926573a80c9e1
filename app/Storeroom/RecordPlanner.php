<?php

declare(strict_types=1);

namespace App\Storeroom;

use Ikat\Core\Store\BulkChange;
use Ikat\Core\Store\Cell\AddressCell;
use Ikat\Core\Store\Cell\CellType;
use Ikat\Core\Store\RecordChange;
use Ikat\Core\Store\RecordKind;
use Ikat\Core\Store\RefusedChange;
use Ikat\Core\Store\UnreadableCell;

/**
 * What wishes come to: the changes they make, and what of them cannot be. Nothing is written.
 *
 * @phpstan-import-type Value from CellType
 */
final class RecordPlanner
{
    /** Characters of a value that are told in a sentence. */
    public const TOLD = 80;

    /** @var array<string, array<string, list<int>>> kind => what no two may share => ids of those that have it, for what was looked up */
    private array $holders = [];

    /** @var array<string, int> kind => the last place that is taken in its order */
    private array $places = [];

    public function __construct(private readonly RecordRows $rows, private readonly StoreNames $names) {}

    /**
     * @param array<string, RecordKind> $kinds by key
     * @param list<RecordWish> $wishes
     * @param bool $isLocked whether nobody else may write the records until the transaction ends
     *
     * @return array{array<int, RecordChange>, array<int, list<RefusedCell>>, array<string, array<int, array<string, Value>>>} changes
     *     and refusals by the number of the wish, and the records as they are, by kind and id
     *
     * @throws RefusedChange when there is no such kind
     */
    public function plan(array $kinds, array $wishes, bool $isLocked): array
    {
        $now = $this->asTheyAre($kinds, $wishes, $isLocked);
        [$changes, $refused, $taken] = [[], [], []];
        $this->lookUp($kinds, $wishes);
        foreach ($wishes as $i => $wish) {
            [$change, $faults] = $this->planned($kinds[$wish->kind], $wish, $now, $taken);
            if ($change !== null) {
                $changes[$i] = $change;
            }
            if ($faults !== []) {
                $refused[$i] = $faults;
            }
        }

        return [$changes, $refused, $now];
    }

    /**
     * @param array<string, RecordKind> $kinds
     * @param list<RecordWish> $wishes
     *
     * @return array<string, array<int, array<string, Value>>> kind => id => the record
     *
     * @throws RefusedChange when there is no such kind
     */
    public function asTheyAre(array $kinds, array $wishes, bool $isLocked): array
    {
        $ids = [];
        foreach ($wishes as $wish) {
            if (! isset($kinds[$wish->kind])) {
                throw new RefusedChange("The Storeroom keeps nothing called “{$wish->kind}”.");
            }
            if ($wish->id !== null) {
                $ids[$wish->kind][] = $wish->id;
            }
        }
        ksort($ids);

        return array_combine(
            array_keys($ids),
            array_map(fn(string $kind, array $of): array => $this->rows->read($kinds[$kind], $of, $isLocked), array_keys($ids), $ids),
        );
    }

    /**
     * What a wish changes, and what of it cannot be.
     *
     * @param array<string, array<int, array<string, Value>>> $now
     * @param array<string, true> $taken what this edit gives of what no two may share
     *
     * @return array{?RecordChange, list<RefusedCell>}
     */
    private function planned(RecordKind $kind, RecordWish $wish, array $now, array &$taken): array
    {
        $is = $wish->id === null ? null : $now[$wish->kind][$wish->id] ?? null;
        if ($wish->id !== null && $is === null) {
            $gone = "This $kind->one is no longer there: somebody deleted it. Undo brings it back.";

            return [null, [new RefusedCell($wish->id, '', '', $gone)]];
        }
        if (! $kind->isMade && ($wish->id === null || $wish->isDeleted)) {
            return [null, [new RefusedCell($wish->id, '', '', "A $kind->one is neither made nor deleted in this table.")]];
        }
        if ($kind->isUploaded && $wish->id === null && ! $wish->isBrought) {
            return [null, [new RefusedCell(null, '', '', "A new $kind->one comes from a file: drop it on the table.")]];
        }
        $called = fn(array $row): string => $kind->column($kind->name)->type->write($row[$kind->name] ?? null, $this->names);
        if ($wish->isDeleted && $is !== null) {
            return [new RecordChange($kind->key, (int) $wish->id, $called($is), self::typed($kind, $is), null), []];
        }
        [$values, $refused] = $this->readCells($kind, $wish, $is);
        if ($wish->isWhole && $refused !== []) {
            return [null, $refused];
        }
        if ($is === null) {
            $values += $this->beginning($kind, $values, $taken);
            foreach ($kind->columns as $key => $column) {
                if ($column->isRequired && ! isset($values[$key]) && ! in_array($key, array_column($refused, 'column'), true)) {
                    $refused[] = new RefusedCell(null, $key, '', "A new $kind->one needs a $column->label.");
                }
            }
            if ($refused !== []) {
                return [null, $refused];
            }
        }
        $values = array_filter($values, static fn(string $key): bool => $is === null || $values[$key] !== $is[$key], ARRAY_FILTER_USE_KEY);
        $fault = $this->follow($kind, $values, $is);
        $whole = [...$is ?? [], ...$values];
        $fault ??= $values === [] ? null : $kind->fault($whole) ?? $this->shared($kind, $wish->id, $values, $taken);
        if ($fault !== null) {
            $typed = $wish->cells[$fault[0]] ?? '';

            return [null, [...$refused, new RefusedCell(
                $wish->id,
                $fault[0],
                is_string($typed) ? $typed : $kind->column($fault[0])->type->write($whole[$fault[0]] ?? null, $this->names),
                $fault[1],
            )]];
        }
        if ($values === []) {
            return [null, $refused];
        }

        return [
            new RecordChange($kind->key, $wish->id ?? 0, $called($whole), $is === null ? null : array_intersect_key($is, $values), $values),
            $refused,
        ];
    }

    /**
     * Adds what follows from the values.
     *
     * @param array<string, Value> $values
     * @param ?array<string, Value> $is the record as it is
     *
     * @return ?array{string, string} the column that was typed although it follows from others, and a sentence
     */
    private function follow(RecordKind $kind, array &$values, ?array $is): ?array
    {
        foreach ($values === [] ? [] : $kind->following([...$is ?? [], ...$values], $is) as $key => $value) {
            if (isset($values[$key], $is) && $values[$key] !== $value) {
                return [$key, "The {$kind->column($key)->label} follows from others here: change it where it stands in them."];
            }
            if ($is === null || $is[$key] !== $value) {
                $values[$key] = $value;
            }
        }

        return null;
    }

    /**
     * @param ?array<string, Value> $is the record as it is
     *
     * @return array{array<string, Value>, list<RefusedCell>}
     */
    private function readCells(RecordKind $kind, RecordWish $wish, ?array $is): array
    {
        [$values, $refused] = [[], []];
        foreach ($wish->cells as $key => $typed) {
            $column = $kind->column($key);
            $standing = $column->type->write($is[$key] ?? null, $this->names);
            try {
                if ($typed instanceof BulkChange) {
                    $number = $is[$key] ?? null;
                    $typed = is_int($number) || $typed->way === 'set'
                        ? $column->type->write($typed->applied((int) $number), $this->names)
                        : $standing;
                }
                $value = $column->read($typed, $this->names);
            } catch (UnreadableCell $e) {
                $refused[] = new RefusedCell($wish->id, $key, $typed, $e->getMessage());

                continue;
            }
            if ($is !== null && isset($wish->seen[$key]) && $wish->seen[$key] !== $standing && $value !== $is[$key]) {
                $told = $standing === '' ? 'empty' : '“'.mb_strimwidth($standing, 0, self::TOLD, '…').'”';
                $why = "Meanwhile it has become $told. Keep yours with Enter, or leave it with Escape.";
                $refused[] = new RefusedCell($wish->id, $key, $typed, $why, $standing);

                continue;
            }
            // What is written as it stands is not changed: a moment has more figures than are shown.
            if ($is === null || $column->type->write($value, $this->names) !== $standing) {
                $values[$key] = $value;
            }
        }

        return [$values, $refused];
    }

    /**
     * What a new record has where nothing was said.
     *
     * @param array<string, Value> $values
     * @param array<string, true> $taken
     *
     * @return array<string, Value>
     */
    private function beginning(RecordKind $kind, array $values, array $taken): array
    {
        $begun = [];
        foreach ($kind->columns as $key => $column) {
            if (! $column->isComputed) {
                $begun[$key] = $column->beginning ?? $column->type->nothing();
            }
        }
        $name = $values[$kind->name] ?? null;
        if (isset($kind->columns['slug']) && ! isset($values['slug']) && is_string($name)) {
            $begun['slug'] = $this->freeAddress($kind, AddressCell::of($name) ?: $kind->one, $taken);
        }
        if (isset($kind->columns['added_on'])) {
            $begun['added_on'] = now()->toDateString();
        }
        if ($kind->place !== '' && ! isset($values[$kind->place])) {
            $this->places[$kind->key] ??= (int) $this->rows->query($kind)->max($kind->place);
            $begun[$kind->place] = ++$this->places[$kind->key];
        }

        return $begun;
    }

    /**
     * Asks at once for all that wishes may share with other records: a file asks for hundreds.
     *
     * @param array<string, RecordKind> $kinds
     * @param list<RecordWish> $wishes
     */
    private function lookUp(array $kinds, array $wishes): void
    {
        [$this->holders, $this->places] = [[], []];
        $wanted = [];
        foreach ($wishes as $wish) {
            $kind = $kinds[$wish->kind];
            $typed = $kind->unique === null ? null : $wish->cells[$kind->unique] ?? null;
            $name = $wish->cells[$kind->name] ?? null;
            if ($kind->unique === 'slug') {
                $typed = is_string($typed) && $typed !== '' ? $typed : ($wish->id === null ? $name : null);
                $typed = is_string($typed) ? AddressCell::of($typed) : null;
            }
            if (is_string($typed) && $typed !== '') {
                $wanted[$wish->kind][] = $typed;
            }
        }
        foreach ($wanted as $key => $values) {
            $this->holders[$key] = array_fill_keys($values, []);
            foreach ($this->rows->holders($kinds[$key], array_values(array_unique($values))) as $id => $value) {
                $this->holders[$key][$value][] = $id;
            }
        }
    }

    /** Whether another record has what no two may share. */
    private function isTaken(RecordKind $kind, string $value, ?int $butNot): bool
    {
        $holders = $this->holders[$kind->key][$value] ?? null;

        return $holders === null ? $this->rows->isTaken($kind, $value, $butNot) : array_diff($holders, [$butNot]) !== [];
    }

    /** @param array<string, true> $taken */
    private function freeAddress(RecordKind $kind, string $wanted, array $taken): string
    {
        $wanted = strtr($wanted, ' ', '-');
        for ($n = 1; ; $n++) {
            $slug = $n === 1 ? $wanted : "$wanted-$n";
            if (! isset($taken["$kind->key $slug"]) && ! $this->isTaken($kind, $slug, null)) {
                return $slug;
            }
        }
    }

    /**
     * @param array<string, Value> $values
     * @param array<string, true> $taken
     *
     * @return ?array{string, string} the column that no two may share, and a sentence
     */
    private function shared(RecordKind $kind, ?int $id, array $values, array &$taken): ?array
    {
        $value = $kind->unique === null ? null : $values[$kind->unique] ?? null;
        if ($kind->unique === null || ! is_string($value)) {
            return null;
        }
        $key = $kind->key.' '.mb_strtolower($value);
        $isTaken = isset($taken[$key])
            || $this->isTaken($kind, $value, $id);
        $taken[$key] = true;

        return $isTaken ? [$kind->unique, "Another $kind->one has “{$value}” already. Choose something else."] : null;
    }

    /**
     * @param array<string, Value> $row
     *
     * @return array<string, Value> without what follows from others
     */
    private static function typed(RecordKind $kind, array $row): array
    {
        return array_filter($row, static fn(string $key): bool => ! $kind->column($key)->isComputed, ARRAY_FILTER_USE_KEY);
    }
}
