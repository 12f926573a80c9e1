<?php

declare(strict_types=1);

namespace App\Looks;

use App\Models\Edit;
use App\Models\Look;
use Ikat\Core\Look\Change;
use Ikat\Core\Look\EntryKind;
use Ikat\Core\Look\Journal;
use Ikat\Core\Look\LookSnapshot;

/** Undo, redo, and going back to an earlier point: each appends to the journal and can itself be taken back. */
final class StepThroughJournal
{
    public function __construct(private readonly LookWriter $writer, private readonly JournalReader $journal) {}

    /** @return ?Edit null when there is nothing to undo */
    public function undo(Look $look, Author $author): ?Edit
    {
        return $this->writer->write($look, $author, static function (LookSnapshot $now, Look $locked): ?LookPlan {
            $undone = $locked->edits()->firstWhere('sequence', $locked->undo_at)?->entry();

            return $undone === null ? null : self::plan($undone->changes, true, EntryKind::Undo, $undone->label, $undone->sequence);
        });
    }

    /** @return ?Edit null when there is nothing to redo */
    public function redo(Look $look, Author $author): ?Edit
    {
        return $this->writer->write($look, $author, static function (LookSnapshot $now, Look $locked): ?LookPlan {
            $undo = $locked->edits()->firstWhere('sequence', $locked->redo_at);
            $edit = $undo === null ? null : $locked->edits()->where('sequence', $undo->of)->firstOrFail()->entry();

            return $edit === null ? null : self::plan($edit->changes, false, EntryKind::Redo, $edit->label, $edit->sequence);
        });
    }

    /** Brings back the state after an entry, as a new edit. Sequence 0 is the look as its theme and starter made it. */
    public function reopen(Look $look, int $sequence, Author $author): ?Edit
    {
        return $this->writer->write($look, $author, function (LookSnapshot $now, Look $locked) use ($sequence): LookPlan {
            $then = $this->journal->stateAt($locked, $sequence);
            $values = [];
            foreach (Journal::between($now->own, $then) as $change) {
                $values[$change->path] = $change->after;
            }

            return new LookPlan($values, $sequence === 0 ? 'back to the original' : "back to edit $sequence", EntryKind::Edit, $sequence);
        });
    }

    /** @param list<Change> $changes */
    private static function plan(array $changes, bool $reversed, EntryKind $kind, string $label, int $of): LookPlan
    {
        $values = [];
        foreach ($changes as $change) {
            $values[$change->path] = $reversed ? $change->before : $change->after;
        }

        return new LookPlan($values, $label, $kind, $of);
    }
}
