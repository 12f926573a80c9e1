<?php

declare(strict_types=1);

namespace Ikat\Core\Look;

/** A line of the journal as it is listed: who, when, what, and whether it is in force; not what it changed. */
final readonly class JournalLine
{
    /**
     * @param int $sequence 1, 2, 3… within the look
     * @param string $at on the store's clock: 2027-02-28T18:00
     * @param ?int $of the entry that an undo or redo speaks of, or the point an edit goes back to
     * @param bool $isUndone whether what it did was taken back since
     */
    public function __construct(
        public int $sequence,
        public EntryKind $kind,
        public string $label,
        public string $author,
        public string $at,
        public ?int $of = null,
        public bool $isUndone = false,
    ) {}

    /** What it did, in words. */
    public function says(): string
    {
        return match ($this->kind) {
            EntryKind::Edit => $this->label,
            EntryKind::Undo => "undone: $this->label",
            EntryKind::Redo => "brought back: $this->label",
        };
    }

    /**
     * The same lines, each told whether it is in force.
     *
     * @param list<self> $lines
     * @param array<int, EntryKind> $last by an edit's sequence: how it was spoken of last, as undone or redone
     * @param list<array{int, int}> $returns going back to a point: the point, and the edit that goes there; those in force alone
     *
     * @return list<self>
     */
    public static function inForce(array $lines, array $last, array $returns): array
    {
        return array_map(static function (self $line) use ($last, $returns): self {
            $isUndone = $line->kind === EntryKind::Edit && ($last[$line->sequence] ?? null) === EntryKind::Undo;
            foreach ($returns as [$point, $by]) {
                $isUndone = $isUndone || ($line->sequence > $point && $line->sequence < $by);
            }

            return new self($line->sequence, $line->kind, $line->label, $line->author, $line->at, $line->of, $isUndone);
        }, $lines);
    }
}
