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
use Ikat\Core\Store\Cell\CellType;
use Ikat\Core\Store\ChangeWords;
use Ikat\Core\Store\RecordChange;
use Ikat\Core\Store\RecordKind;
use Ikat\Core\Store\RecordKinds;
use Ikat\Core\Store\RefusedChange;
use Illuminate\Support\Facades\DB;

/**
 * The one writer of the Storeroom: locks the store, refuses cell by cell what cannot be or comes too late, keeps the rest as one
 * edit, and appends it to the store's journal.
 *
 * @phpstan-import-type Value from CellType
 */
final class StoreWriter
{
    /** Records that are planned and written at once. */
    private const PIECE = 500;

    public function __construct(
        private readonly RecordPlanner $planner,
        private readonly RecordRows $rows,
        private readonly StoreNames $names,
        private readonly TouchedColumns $touched,
        private readonly EditProgress $progress,
    ) {}

    /**
     * @param list<RecordWish> $wishes
     *
     * @throws RefusedChange when something stands on what is to be deleted
     */
    public function edit(Store $store, Author $author, array $wishes): StoreOutcome
    {
        [$refused, $made] = [[], []];
        $pieces = new WishPieces(function () use ($wishes, &$refused, &$made): iterable {
            // Asked for anew when the database broke the write off.
            [$refused, $made] = [[], []];
            $this->progress->begin(count($wishes));
            foreach (array_chunk($wishes, self::PIECE) as $piece) {
                yield [$piece];
            }
        });
        $edit = $this->inPieces($store, $author, $pieces, function (array $changes, array $faults) use (&$refused, &$made): void {
            $refused = array_merge($refused, ...$faults);
            foreach ($changes as $change) {
                if ($change->before === null) {
                    $made[] = $change->id;
                }
            }
            $this->progress->add(self::PIECE);
        });

        return new StoreOutcome($edit, $refused, $made);
    }

    /**
     * One edit of any size: a piece of it is planned, written and forgotten before the next is asked for.
     *
     * @param iterable<list<RecordWish>> $pieces asked for once each time the write is tried
     * @param callable(list<RecordChange>, array<int, list<RefusedCell>>): void $done told of each piece: its changes, and what of it
     *     was refused, by the number of the wish; what it throws takes everything back
     * @param ?string $label null for what the changes themselves say
     *
     * @return ?StoreEdit null when nothing changed
     *
     * @throws RefusedChange when something stands on what is to be deleted
     */
    public function inPieces(Store $store, Author $author, iterable $pieces, callable $done, ?string $label = null): ?StoreEdit
    {
        return Transaction::run(function () use ($store, $author, $pieces, $done, $label): ?StoreEdit {
            $locked = Store::query()->lockForUpdate()->findOrFail($store->id);
            $kinds = RecordKinds::all($locked->zone());
            $edit = null;
            $told = [];
            foreach ($pieces as $wishes) {
                [$changes, $refused, $now] = $this->planner->plan($kinds, $wishes, true);
                $changes = $changes === [] ? [] : $this->apply($kinds, array_values($changes), $now);
                if ($changes !== []) {
                    $edit ??= $this->append($locked, $author, EntryKind::Edit, '');
                    $edit->keepChanges($changes);
                    $told = ChangeWords::together($told, $changes);
                }
                $done($changes, $refused);
            }
            if ($edit !== null) {
                $this->finish($locked, $edit, $label ?? ChangeWords::of($told, $edit->records, $kinds, $this->names), $told);
                $store->setRawAttributes($locked->getAttributes(), true);
            }

            return $edit;
        });
    }

    /**
     * @param ?\Closure(RecordKind): bool $mayWrite whether the author may write a kind; null for any
     *
     * @return ?StoreEdit null when there is nothing to undo
     *
     * @throws RefusedChange when what it would take back has been changed since, or is not the author's to write
     */
    public function undo(Store $store, Author $author, ?\Closure $mayWrite = null): ?StoreEdit
    {
        return $this->step($store, $author, EntryKind::Undo, $mayWrite);
    }

    /**
     * @param ?\Closure(RecordKind): bool $mayWrite whether the author may write a kind; null for any
     *
     * @return ?StoreEdit null when there is nothing to redo
     *
     * @throws RefusedChange when what it would change again has been changed since, or is not the author's to write
     */
    public function redo(Store $store, Author $author, ?\Closure $mayWrite = null): ?StoreEdit
    {
        return $this->step($store, $author, EntryKind::Redo, $mayWrite);
    }

    /** @param ?\Closure(RecordKind): bool $mayWrite */
    private function step(Store $store, Author $author, EntryKind $way, ?\Closure $mayWrite): ?StoreEdit
    {
        return Transaction::run(function () use ($store, $author, $way, $mayWrite): ?StoreEdit {
            $locked = Store::query()->lockForUpdate()->findOrFail($store->id);
            $line = StoreEdit::query()->firstWhere('sequence', $way === EntryKind::Undo ? $locked->undo_at : $locked->redo_at);
            $edit = $way === EntryKind::Undo || $line === null ? $line : StoreEdit::query()->firstWhere('sequence', $line->of);
            if ($line === null || $edit === null) {
                return null;
            }
            $kinds = RecordKinds::all($locked->zone());
            $made = $this->append($locked, $author, $way, $edit->label, $edit->sequence, $line->below);
            $told = [];
            $this->progress->begin($edit->records);
            foreach ($edit->pieces($way === EntryKind::Undo) as $changes) {
                if ($changes === []) {
                    continue;
                }
                $this->progress->add(count($changes));
                $told = ChangeWords::together($told, $changes);
                $now = $this->planner->asTheyAre($kinds, array_map(
                    static fn(RecordChange $c): RecordWish => new RecordWish($c->kind, $c->id),
                    $changes,
                ), true);
                foreach ($changes as $change) {
                    if ($mayWrite !== null && ! $mayWrite($kinds[$change->kind])) {
                        throw new RefusedChange('The last edit is one that only the owner may make or take back. Nothing was changed.');
                    }
                    $this->refuseLost($kinds[$change->kind], $change, $now[$change->kind][$change->id] ?? null);
                }
                $made->keepChanges($this->apply($kinds, $changes, $now));
            }
            $this->finish($locked, $made, $edit->label, $told);
            $store->setRawAttributes($locked->getAttributes(), true);

            return $made;
        });
    }

    /**
     * Refuses a way back that would lose what came after.
     *
     * @param ?array<string, Value> $is the record as it is now
     */
    private function refuseLost(RecordKind $kind, RecordChange $change, ?array $is): void
    {
        if (($is === null) !== ($change->before === null)) {
            $how = $is === null ? 'is no longer there' : 'is there again';

            throw new RefusedChange("“{$change->called}” $how. Nothing was changed.");
        }
        foreach ($change->before ?? [] as $key => $was) {
            if ($is !== null && $is[$key] !== $was) {
                $column = $kind->column($key);
                $standing = mb_strimwidth($column->type->write($is[$key], $this->names), 0, RecordPlanner::TOLD, '…');

                throw new RefusedChange("The $column->label of “{$change->called}” has become “{$standing}” since: that would be lost. "
                    .'Nothing was changed; change it by hand.');
            }
        }
        $shared = $kind->unique === null ? null : $change->after[$kind->unique] ?? null;
        if (is_string($shared) && $this->rows->isTaken($kind, $shared, $change->id)) {
            throw new RefusedChange("Another $kind->one has “{$shared}” now. Give it something else first. Nothing was changed.");
        }
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
        foreach (self::runs($changes) as $run) {
            $kind = $kinds[$run[0]->kind];
            if ($run[0]->after === null) {
                $this->rows->delete($kind, array_map(static fn(RecordChange $c): int => $c->id, $run));
                $done = [...$done, ...$run];
            } elseif ($run[0]->before === null) {
                $ids = $this->rows->insert(
                    $kind,
                    array_map(static fn(RecordChange $c): array => $c->after ?? [], $run),
                    array_column($run, 'id'),
                );
                foreach ($run as $i => $change) {
                    $done[] = new RecordChange($change->kind, $ids[$i], $change->called, null, $change->after);
                }
            } else {
                foreach ($run as $change) {
                    $after = $change->after ?? [];
                    $this->rows->update($kind, $change->id, $after, [...$now[$kind->key][$change->id], ...$after]);
                    $done[] = $change;
                }
            }
        }

        return $done;
    }

    /**
     * Changes in their order, those that follow one another and do the same to the same kind together: a statement does many at once.
     *
     * @param non-empty-list<RecordChange> $changes
     *
     * @return list<non-empty-list<RecordChange>>
     */
    private static function runs(array $changes): array
    {
        $runs = [];
        $last = '';
        foreach ($changes as $change) {
            $does = $change->kind.($change->after === null ? ' goes' : ($change->before === null ? ' comes' : ' changes'));
            if ($does !== $last) {
                $runs[] = [];
            }
            $runs[count($runs) - 1][] = $change;
            $last = $does;
        }

        return $runs;
    }

    private function append(Store $locked, Author $author, EntryKind $kind, string $label, ?int $of = null, int $below = 0): StoreEdit
    {
        $sequence = $locked->head + 1;
        [$links, $itsBelow] = (new UndoLinks($locked->undo_at, $locked->redo_at))->after($kind, $sequence, $below, $of ?? 0);
        $locked->fill(['head' => $sequence, 'undo_at' => $links->undo, 'redo_at' => $links->redo]);

        return StoreEdit::query()->create([
            'sequence' => $sequence, 'kind' => $kind->value, 'of' => $of, 'below' => $itsBelow, 'label' => $label, 'records' => 0,
            'user_id' => $author->userId, 'author' => $author->name,
        ]);
    }

    /** @param array{}|array{first: RecordChange, keys: list<string>, made: int, gone: int} $told */
    private function finish(Store $locked, StoreEdit $edit, string $label, array $told): void
    {
        if ($told !== []) {
            DB::afterCommit(fn() => $this->touched->touch($told));
        }
        $edit->update(['label' => mb_substr($label, 0, 200)]);
        $locked->save();
        // Finished pages of the shop say something that is no longer so.
        Storefront::query()->increment('content_version');
        GatherWords::afterwards($locked->id);
    }
}
