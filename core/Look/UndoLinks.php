<?php

declare(strict_types=1);

namespace Ikat\Core\Look;

/**
 * Where undo and redo go from a point of a journal. Both are stacks, kept as links from line to line: each line names what lies
 * below it, so that neither stack is ever read whole. 0 is the bottom.
 */
final readonly class UndoLinks
{
    /**
     * @param int $undo sequence of the edit that undo takes back
     * @param int $redo sequence of the undo that redo takes back
     */
    public function __construct(public int $undo = 0, public int $redo = 0) {}

    /**
     * After a line is appended.
     *
     * @param int $sequence of the line
     * @param int $below of what the line speaks of: the edit an undo takes back, the undo a redo takes back; 0 for an edit
     * @param int $of the edit a redo brings back
     *
     * @return array{self, int} the new links, and what the line itself lies upon
     */
    public function after(EntryKind $kind, int $sequence, int $below = 0, int $of = 0): array
    {
        return match ($kind) {
            EntryKind::Edit => [new self($sequence, 0), $this->undo],
            EntryKind::Undo => [new self($below, $sequence), $this->redo],
            EntryKind::Redo => [new self($of, $below), 0],
        };
    }
}
