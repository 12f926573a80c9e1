<?php

declare(strict_types=1);

namespace App\Looks;

use App\Models\Edit;
use App\Models\Look;
use Ikat\Core\Look\Change;
use Ikat\Core\Look\EntryKind;
use Ikat\Core\Look\Journal;
use Ikat\Core\Look\JournalEntry;
use Illuminate\Support\Facades\DB;

/** Reads and appends the journal of a look. Appending happens inside the caller's transaction, with the look locked. */
final class Journals
{
    /** The entries after one, whole. */
    public function since(Look $look, int $sequence): Journal
    {
        if ($look->head <= $sequence) {
            return Journal::of([]);
        }

        return Journal::of($look->edits()->where('sequence', '>', $sequence)->orderBy('sequence')->get()->map(static fn(Edit $e): JournalEntry => $e->entry()));
    }

    /** Only what undo and redo are decided by: enough for thousands of entries in one cheap query. */
    public function outline(Look $look): Journal
    {
        $rows = DB::table('edits')->where('look_id', $look->id)->orderBy('sequence')->get(['sequence', 'kind', 'of', 'label', 'author']);

        return Journal::of($rows->map(static fn(object $r): JournalEntry => new JournalEntry((int) $r->sequence, EntryKind::from($r->kind), [], $r->label, $r->author, $r->of)));
    }

    /**
     * @param list<Change> $changes
     * @param Look $look the caller's copy, brought up to date
     * @param Look $locked the row locked for update
     */
    public function append(Look $look, Look $locked, EntryKind $kind, array $changes, string $label, string $author, ?int $userId, ?int $of = null): Edit
    {
        $state = $locked->ownChanges()->with($changes);
        $edit = $locked->edits()->create([
            'sequence' => $locked->head + 1,
            'kind' => $kind->value,
            'of' => $of,
            'label' => mb_substr($label, 0, 200),
            'user_id' => $userId,
            'author' => $author,
            'settings_changed' => json_encode(array_map(static fn(Change $c): array => $c->toArray(), $changes), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
        ]);
        $locked->update(['state' => $state->bytes(), 'head' => $edit->sequence]);
        $look->setRawAttributes($locked->getAttributes(), true);

        return $edit;
    }
}
