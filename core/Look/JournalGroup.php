<?php

declare(strict_types=1);

namespace Ikat\Core\Look;

/** What one person did within an hour. */
final readonly class JournalGroup
{
    /**
     * @param string $hour on the store's clock: 2027-02-28T18
     * @param non-empty-list<JournalLine> $lines in order
     */
    public function __construct(public string $author, public string $hour, public array $lines) {}

    /**
     * @param list<JournalLine> $lines in any order
     *
     * @return list<self> in the order in which they begin
     */
    public static function of(array $lines): array
    {
        usort($lines, static fn(JournalLine $a, JournalLine $b): int => $a->sequence <=> $b->sequence);
        $grouped = [];
        foreach ($lines as $line) {
            $grouped[substr($line->at, 0, 13)."\n".$line->author][] = $line;
        }

        return array_map(
            static fn(array $of): self => new self($of[0]->author, substr($of[0]->at, 0, 13), $of),
            array_values($grouped),
        );
    }

    public function last(): JournalLine
    {
        return $this->lines[count($this->lines) - 1];
    }

    public function undone(): int
    {
        return count(array_filter($this->lines, static fn(JournalLine $l): bool => $l->isUndone));
    }

    /** The line that stands for it: the last that is in force, or the last of all; what only undoes stands for nothing. */
    public function gist(): JournalLine
    {
        $edits = array_filter($this->lines, static fn(JournalLine $l): bool => $l->kind === EntryKind::Edit);
        $inForce = array_filter($edits, static fn(JournalLine $l): bool => ! $l->isUndone);

        return array_values(array_reverse($inForce ?: $edits ?: $this->lines))[0];
    }
}
