<?php

declare(strict_types=1);

namespace App\Looks;

use App\Database\Transaction;
use App\Models\Edit;
use App\Models\Look;
use Ikat\Core\Look\Change;
use Ikat\Core\Look\EntryKind;
use Ikat\Core\Look\Journal;
use Ikat\Core\Look\LookState;

/** Undo, redo, and going back to an earlier point: each appends to the journal and can itself be taken back. */
final class StepThroughJournal
{
    public function __construct(private readonly Journals $book, private readonly LookReader $desk) {}

    /** @return ?Edit null when there is nothing to undo */
    public function undo(Look $look, string $author, ?int $userId): ?Edit
    {
        return $this->step($look, EntryKind::Undo, $author, $userId);
    }

    /** @return ?Edit null when there is nothing to redo */
    public function redo(Look $look, string $author, ?int $userId): ?Edit
    {
        return $this->step($look, EntryKind::Redo, $author, $userId);
    }

    /** Brings back the state after an entry, as a new edit. Sequence 0 is the look as its theme and starter made it. */
    public function reopen(Look $look, int $sequence, string $author, ?int $userId): ?Edit
    {
        return Transaction::run(function () use ($look, $sequence, $author, $userId): ?Edit {
            $locked = Look::query()->lockForUpdate()->findOrFail($look->id);
            $then = $sequence === 0 ? LookState::of([]) : $this->book->since($locked, 0)->stateAt($sequence);
            $changes = Journal::between($locked->ownChanges(), $then);
            if ($changes === []) {
                return null;
            }
            $this->desk->resolveState($locked, $then);

            return $this->book->append($look, $locked, EntryKind::Edit, $changes, $sequence === 0 ? 'back to the original' : "back to edit $sequence", $author, $userId);
        });
    }

    private function step(Look $look, EntryKind $kind, string $author, ?int $userId): ?Edit
    {
        return Transaction::run(function () use ($look, $kind, $author, $userId): ?Edit {
            $locked = Look::query()->lockForUpdate()->findOrFail($look->id);
            $outline = $this->book->outline($locked);
            $target = $kind === EntryKind::Undo ? $outline->undoable() : $outline->redoable();
            if ($target === null) {
                return null;
            }
            $changes = $locked->edits()->where('sequence', $target->sequence)->firstOrFail()->entry()->changes;
            if ($kind === EntryKind::Undo) {
                $changes = array_map(static fn(Change $c): Change => $c->reversed(), $changes);
            }

            return $this->book->append($look, $locked, $kind, $changes, $target->label, $author, $userId, $target->sequence);
        });
    }
}
