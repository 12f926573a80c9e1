<?php

declare(strict_types=1);

namespace Ikat\Core\Look;

/** The arithmetic of the journal: what can be undone, redone or reopened, and which writes come too late. */
final readonly class Journal
{
    /** @param list<JournalEntry> $entries in order of sequence */
    private function __construct(private array $entries) {}

    /** @param iterable<JournalEntry> $entries in any order */
    public static function of(iterable $entries): self
    {
        $list = [...$entries];
        usort($list, static fn(JournalEntry $a, JournalEntry $b): int => $a->sequence <=> $b->sequence);

        return new self($list);
    }

    public function head(): int
    {
        return $this->entries === [] ? 0 : $this->entries[count($this->entries) - 1]->sequence;
    }

    /** The state after the entry with this sequence; 0 is the beginning. */
    public function stateAt(int $sequence): LookState
    {
        $own = [];
        foreach ($this->entries as $entry) {
            if ($entry->sequence > $sequence) {
                break;
            }
            foreach ($entry->changes as $change) {
                $own[$change->path] = $change->after;
            }
        }

        return LookState::of($own);
    }

    /** The edit that undo would take back, or null. */
    public function undoable(): ?JournalEntry
    {
        return $this->stacks()[0];
    }

    /** The edit that redo would bring back, or null. */
    public function redoable(): ?JournalEntry
    {
        return $this->stacks()[1];
    }

    /** @return array{?JournalEntry, ?JournalEntry} the tops of the undo and redo stacks */
    private function stacks(): array
    {
        $bySequence = [];
        $undo = [];
        $redo = [];
        foreach ($this->entries as $entry) {
            $bySequence[$entry->sequence] = $entry;
            if ($entry->kind === EntryKind::Edit) {
                $undo[] = $entry->sequence;
                $redo = [];
            } elseif ($entry->kind === EntryKind::Undo) {
                $redo[] = array_pop($undo);
            } else {
                $undo[] = array_pop($redo);
            }
        }

        return [$bySequence[end($undo) ?: 0] ?? null, $bySequence[end($redo) ?: 0] ?? null];
    }

    /**
     * Refuses a write to a setting that changed after its writer last looked.
     *
     * @param int $seen the head the writer had seen
     * @param array<string, bool|float|string|null> $wanted path => new own value
     *
     * @throws StaleEdit
     */
    public function refuseStale(int $seen, array $wanted): void
    {
        foreach (array_reverse($this->entries) as $entry) {
            if ($entry->sequence <= $seen) {
                return;
            }
            foreach ($entry->changes as $change) {
                if (array_key_exists($change->path, $wanted) && $change->after !== $wanted[$change->path]) {
                    throw StaleEdit::on($change, $wanted[$change->path], $entry);
                }
            }
        }
    }

    /**
     * The changes that lead from one state to another.
     *
     * @return list<Change> sorted by path
     */
    public static function between(LookState $from, LookState $to): array
    {
        $paths = array_unique([...array_keys($from->own), ...array_keys($to->own)]);
        sort($paths, SORT_STRING);
        $changes = [];
        foreach ($paths as $path) {
            $before = $from->own[$path] ?? null;
            $after = $to->own[$path] ?? null;
            if ($before !== $after) {
                $changes[] = new Change($path, $before, $after);
            }
        }

        return $changes;
    }
}
