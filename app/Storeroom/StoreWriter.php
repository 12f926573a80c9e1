<?php

declare(strict_types=1);

namespace App\Storeroom;

use App\Database\Transaction;
use App\Looks\Author;
use App\Models\Store;
use App\Models\StoreEdit;
use App\Models\Storefront;
use Ikat\Core\Look\EntryKind;
use Ikat\Core\Look\UndoLinks;
use Ikat\Core\Store\BulkChange;
use Ikat\Core\Store\Cell\AddressCell;
use Ikat\Core\Store\Cell\CellType;
use Ikat\Core\Store\ChangeWords;
use Ikat\Core\Store\Column;
use Ikat\Core\Store\RecordChange;
use Ikat\Core\Store\RecordKind;
use Ikat\Core\Store\RecordKinds;
use Ikat\Core\Store\RefusedChange;
use Ikat\Core\Store\UnreadableCell;

/**
 * The one writer of the Storeroom: locks the store, refuses cell by cell what cannot be or comes too late, keeps the rest as one
 * edit, and appends it to the store's journal.
 *
 * @phpstan-import-type Value from CellType
 */
final class StoreWriter
{
    public function __construct(private readonly RecordRows $rows, private readonly StoreNames $names) {}

    /**
     * @param list<RecordWish> $wishes
     *
     * @throws RefusedChange when something stands on what is to be deleted
     */
    public function edit(Store $store, Author $author, array $wishes): StoreOutcome
    {
        return Transaction::run(function () use ($store, $author, $wishes): StoreOutcome {
            $locked = Store::query()->lockForUpdate()->findOrFail($store->id);
            $kinds = RecordKinds::all($locked->zone());
            $now = $this->asTheyAre($kinds, $wishes);
            [$changes, $refused, $taken] = [[], [], []];
            foreach ($wishes as $wish) {
                [$change, $faults] = $this->planned($kinds[$wish->kind], $wish, $now, $taken);
                $refused = [...$refused, ...$faults];
                $changes = $change === null ? $changes : [...$changes, $change];
            }
            if ($changes === []) {
                return new StoreOutcome(null, $refused);
            }
            $changes = $this->apply($kinds, $changes, $now);
            $edit = $this->append($locked, $author, EntryKind::Edit, ChangeWords::of($changes, $kinds, $this->names), $changes);
            $store->setRawAttributes($locked->getAttributes(), true);
            $made = array_filter($changes, static fn(RecordChange $c): bool => $c->before === null);

            return new StoreOutcome($edit, $refused, array_map(static fn(RecordChange $c): int => $c->id, array_values($made)));
        });
    }

    /**
     * @return ?StoreEdit null when there is nothing to undo
     *
     * @throws RefusedChange when what it would take back has been changed since
     */
    public function undo(Store $store, Author $author): ?StoreEdit
    {
        return $this->step($store, $author, EntryKind::Undo);
    }

    /**
     * @return ?StoreEdit null when there is nothing to redo
     *
     * @throws RefusedChange when what it would change again has been changed since
     */
    public function redo(Store $store, Author $author): ?StoreEdit
    {
        return $this->step($store, $author, EntryKind::Redo);
    }

    private function step(Store $store, Author $author, EntryKind $way): ?StoreEdit
    {
        return Transaction::run(function () use ($store, $author, $way): ?StoreEdit {
            $locked = Store::query()->lockForUpdate()->findOrFail($store->id);
            $line = StoreEdit::query()->firstWhere('sequence', $way === EntryKind::Undo ? $locked->undo_at : $locked->redo_at);
            $edit = $way === EntryKind::Undo || $line === null ? $line : StoreEdit::query()->firstWhere('sequence', $line->of);
            if ($line === null || $edit === null) {
                return null;
            }
            $kinds = RecordKinds::all($locked->zone());
            $changes = $edit->changes();
            if ($way === EntryKind::Undo) {
                $changes = array_map(static fn(RecordChange $c): RecordChange => $c->reversed(), array_reverse($changes));
            }
            $now = $this->asTheyAre($kinds, array_map(static fn(RecordChange $c): RecordWish => new RecordWish($c->kind, $c->id), $changes));
            foreach ($changes as $change) {
                $this->refuseLost($kinds[$change->kind], $change, $now[$change->kind][$change->id] ?? null);
            }
            $this->apply($kinds, $changes, $now);
            $made = $this->append($locked, $author, $way, $edit->label, $changes, $edit->sequence, $line->below);
            $store->setRawAttributes($locked->getAttributes(), true);

            return $made;
        });
    }

    /**
     * @param array<string, RecordKind> $kinds
     * @param list<RecordWish> $wishes
     *
     * @return array<string, array<int, array<string, Value>>> kind => id => the record, locked
     */
    private function asTheyAre(array $kinds, array $wishes): array
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
            array_map(fn(string $kind, array $of): array => $this->rows->read($kinds[$kind], $of, true), array_keys($ids), $ids),
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
            return [null, [new RefusedCell($wish->id, '', '', "This $kind->one is no longer there: somebody deleted it. Undo brings it back.")]];
        }
        $called = fn(array $row): string => $kind->column($kind->name)->type->write($row[$kind->name] ?? null, $this->names);
        if ($wish->isDeleted && $is !== null) {
            return [new RecordChange($kind->key, (int) $wish->id, $called($is), self::typed($kind, $is), null), []];
        }
        [$values, $refused] = $this->readCells($kind, $wish, $is);
        if ($is === null) {
            $values += $this->beginning($kind, $values);
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
        $whole = [...$is ?? [], ...$values];
        $fault = $values === [] ? null : $kind->fault($whole) ?? $this->shared($kind, $wish->id, $values, $taken);
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
                $refused[] = new RefusedCell($wish->id, $key, $typed, 'Meanwhile it has become '
                    .($standing === '' ? 'empty' : "“{$standing}”").'. Keep yours with Enter, or leave it with Escape.', $standing);
                continue;
            }
            $values[$key] = $value;
        }

        return [$values, $refused];
    }

    /**
     * What a new record has where nothing was said.
     *
     * @param array<string, Value> $values
     *
     * @return array<string, Value>
     */
    private function beginning(RecordKind $kind, array $values): array
    {
        $begun = [];
        foreach ($kind->columns as $key => $column) {
            if (! $column->isComputed) {
                $begun[$key] = $column->beginning ?? $column->type->nothing();
            }
        }
        $name = $values[$kind->name] ?? null;
        if (isset($kind->columns['slug']) && ! isset($values['slug']) && is_string($name)) {
            $begun['slug'] = $this->freeAddress($kind, AddressCell::of($name) ?: $kind->one);
        }
        if (isset($kind->columns['added_on'])) {
            $begun['added_on'] = now()->toDateString();
        }
        if ($kind->place !== '' && ! isset($values[$kind->place])) {
            $begun[$kind->place] = 1 + (int) $this->rows->query($kind)->max($kind->place);
        }

        return $begun;
    }

    private function freeAddress(RecordKind $kind, string $wanted): string
    {
        $wanted = strtr($wanted, ' ', '-');
        for ($n = 1; ; $n++) {
            $slug = $n === 1 ? $wanted : "$wanted-$n";
            if (! $this->rows->query($kind)->where('slug', $slug)->exists()) {
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
            || $this->rows->query($kind)->where($kind->unique, $value)->when($id !== null, static fn($q) => $q->where('id', '!=', $id))->exists();
        $taken[$key] = true;

        return $isTaken ? [$kind->unique, "Another $kind->one has “{$value}” already. Choose something else."] : null;
    }

    /**
     * Refuses a way back that would lose what came after.
     *
     * @param ?array<string, Value> $is the record as it is now
     */
    private function refuseLost(RecordKind $kind, RecordChange $change, ?array $is): void
    {
        if (($is === null) !== ($change->before === null)) {
            throw new RefusedChange("“{$change->called}” ".($is === null ? 'is no longer there.' : 'is there again.').' Nothing was changed.');
        }
        foreach ($change->before ?? [] as $key => $was) {
            if ($is !== null && $is[$key] !== $was) {
                $column = $kind->column($key);
                $standing = $column->type->write($is[$key], $this->names);
                throw new RefusedChange("The $column->label of “{$change->called}” has become “{$standing}” since: that would be lost. "
                    .'Nothing was changed; change it by hand.');
            }
        }
        if ($change->after !== null && ($shared = self::isShared($this->rows, $kind, $change)) !== null) {
            throw new RefusedChange("Another $kind->one has “{$shared}” now. Give it something else first. Nothing was changed.");
        }
    }

    private static function isShared(RecordRows $rows, RecordKind $kind, RecordChange $change): ?string
    {
        $value = $kind->unique === null ? null : $change->after[$kind->unique] ?? null;
        $isTaken = is_string($value) && $rows->query($kind)->where((string) $kind->unique, $value)->where('id', '!=', $change->id)->exists();

        return $isTaken ? $value : null;
    }

    /**
     * @param array<string, RecordKind> $kinds
     * @param non-empty-list<RecordChange> $changes
     * @param array<string, array<int, array<string, Value>>> $now
     *
     * @return non-empty-list<RecordChange> with the ids of those that are new
     */
    private function apply(array $kinds, array $changes, array $now): array
    {
        $done = [];
        foreach ($changes as $change) {
            $kind = $kinds[$change->kind];
            if ($change->after === null) {
                $this->rows->delete($kind, [$change->id]);
            } elseif ($change->before === null) {
                $id = $this->rows->insert($kind, $change->after, $change->id ?: null);
                $change = new RecordChange($change->kind, $id, $change->called, null, $change->after);
            } else {
                $this->rows->update($kind, $change->id, $change->after, [...$now[$kind->key][$change->id], ...$change->after]);
            }
            $done[] = $change;
        }
        // Finished pages of the shop say something that is no longer so.
        Storefront::query()->increment('content_version');

        return $done;
    }

    /** @param non-empty-list<RecordChange> $changes */
    private function append(
        Store $locked,
        Author $author,
        EntryKind $kind,
        string $label,
        array $changes,
        ?int $of = null,
        int $below = 0,
    ): StoreEdit {
        $sequence = $locked->head + 1;
        [$links, $itsBelow] = (new UndoLinks($locked->undo_at, $locked->redo_at))->after($kind, $sequence, $below, $of ?? 0);
        $edit = StoreEdit::query()->create([
            'sequence' => $sequence, 'kind' => $kind->value, 'of' => $of, 'below' => $itsBelow, 'label' => mb_substr($label, 0, 200),
            'records' => count($changes), 'user_id' => $author->userId, 'author' => $author->name,
        ]);
        $edit->keepChanges($changes);
        $locked->update(['head' => $sequence, 'undo_at' => $links->undo, 'redo_at' => $links->redo]);

        return $edit;
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
