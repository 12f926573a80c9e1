<?php

declare(strict_types=1);

namespace Ikat\Core\Look;

/** One line of the journal. Lines are appended and never rewritten. */
final readonly class JournalEntry
{
    /**
     * @param int $sequence 1, 2, 3… within the look
     * @param list<Change> $changes
     * @param ?int $of the entry an undo or redo speaks of, or the point an edit goes back to
     */
    public function __construct(
        public int $sequence,
        public EntryKind $kind,
        public array $changes,
        public string $label,
        public string $author,
        public ?int $of = null,
    ) {}
}
