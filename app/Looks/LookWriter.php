<?php

declare(strict_types=1);

namespace App\Looks;

use App\Database\Transaction;
use App\Models\Edit;
use App\Models\Look;
use Ikat\Core\Look\Change;
use Ikat\Core\Look\EntryKind;
use Ikat\Core\Look\Journal;
use Ikat\Core\Look\JournalEntry;
use Ikat\Core\Look\LookSnapshot;
use Ikat\Core\Look\UndoLinks;
use Ikat\Core\Setting\LookException;

/** The one writer of looks: locks, refuses what comes too late or cannot be resolved, and appends to the journal. */
final class LookWriter
{
    public function __construct(private readonly LookReader $looks) {}

    /**
     * @param Look $look the caller's copy, brought up to date
     * @param callable(LookSnapshot, Look): ?LookPlan $plan asked with the look locked; null when there is nothing to do
     * @param ?int $seen the last edit the writer had seen; null for what speaks of the journal itself and cannot come too late
     *
     * @return ?Edit null when nothing changes
     *
     * @throws LookException when the write comes too late, or links would go in a circle
     */
    public function write(Look $look, Author $author, callable $plan, ?int $seen = null): ?Edit
    {
        return Transaction::run(function () use ($look, $author, $plan, $seen): ?Edit {
            $locked = Look::query()->lockForUpdate()->findOrFail($look->id);
            // Whose look it is does not change: what the caller has of it is not asked again.
            $locked->setRelation('storefront', $look->loadMissing('storefront.store')->storefront);
            $now = $this->looks->of($locked);
            $wanted = $plan($now, $locked);
            if ($wanted === null) {
                return null;
            }
            if ($seen !== null) {
                $this->since($locked, $seen)->refuseStale($seen, $wanted->values, $now->catalog());
            }
            $own = $locked->ownChanges();
            $changes = [];
            foreach ($wanted->values as $path => $value) {
                if (($own->own[$path] ?? null) !== $value) {
                    $changes[] = new Change($path, $own->own[$path] ?? null, $value);
                }
            }
            // An undo stands in the journal even where what it takes back was changed again since.
            if ($changes === [] && $wanted->kind === EntryKind::Edit) {
                return null;
            }
            if ($wanted->kind === EntryKind::Edit) {
                // Resolving is what finds circles; an edit that makes one is refused here and nothing is stored.
                $this->looks->of($locked, $own->with($changes))->refuseCircles();
            }
            $edit = $this->append($locked, $wanted, $changes, $author);
            $look->setRawAttributes($locked->getAttributes(), true);

            return $edit;
        });
    }

    /** The lines after one, whole. */
    private function since(Look $look, int $sequence): Journal
    {
        if ($look->head <= $sequence) {
            return Journal::of([]);
        }

        return Journal::of(
            $look
                ->edits()
                ->where('sequence', '>', $sequence)
                ->orderBy('sequence')
                ->get()
                ->map(static fn(Edit $e): JournalEntry => $e->entry()),
        );
    }

    /** @param list<Change> $changes */
    private function append(Look $locked, LookPlan $wanted, array $changes, Author $author): Edit
    {
        $links = new UndoLinks($locked->undo_at, $locked->redo_at);
        $spokenOf = $wanted->kind === EntryKind::Undo ? $links->undo : $links->redo;
        $below = $wanted->kind === EntryKind::Edit ? 0 : (int) $locked->edits()->where('sequence', $spokenOf)->value('below');
        [$links, $itsBelow] = $links->after($wanted->kind, $locked->head + 1, $below, $wanted->of ?? 0);
        $edit = $locked->edits()->create([
            'sequence' => $locked->head + 1,
            'kind' => $wanted->kind->value,
            'of' => $wanted->of,
            'below' => $itsBelow,
            'label' => mb_substr($wanted->label instanceof \Closure ? ($wanted->label)($changes) : $wanted->label, 0, 200),
            'user_id' => $author->userId,
            'author' => $author->name,
            'settings_changed' => json_encode(
                array_map(static fn(Change $c): array => $c->toArray(), $changes),
                JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE,
            ),
        ]);
        $locked->update([
            'state' => $locked->ownChanges()->with($changes)->bytes(), 'head' => $edit->sequence, 'undo_at' => $links->undo,
            'redo_at' => $links->redo,
        ]);

        return $edit;
    }
}
