<?php

declare(strict_types=1);

namespace Ikat\Core\Look;

use Ikat\Core\Setting\SettingCatalog;

/** The arithmetic of the journal: which writes come too late, and what leads from one state to another. */
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

    /**
     * Refuses a write to a setting that changed after its writer last looked.
     *
     * @param int $seen the head the writer had seen
     * @param array<string, bool|float|string|null> $wanted path => new own value
     * @param SettingCatalog $catalog in which a refusal is said
     *
     * @throws StaleEdit
     */
    public function refuseStale(int $seen, array $wanted, SettingCatalog $catalog): void
    {
        foreach (array_reverse($this->entries) as $entry) {
            if ($entry->sequence <= $seen) {
                return;
            }
            foreach ($entry->changes as $change) {
                if (array_key_exists($change->path, $wanted) && $change->after !== $wanted[$change->path]) {
                    throw StaleEdit::on($change, $wanted[$change->path], $entry, $catalog);
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
