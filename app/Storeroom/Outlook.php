<?php

declare(strict_types=1);

namespace App\Storeroom;

/** What a file would change, counted whole and shown in part. */
final class Outlook
{
    /** Rows of each kind that are shown. */
    private const SHOWN = 200;

    /**
     * @param array<string, int> $counts new, changed, same, refused
     * @param array<string, int> $columns key => records in which it changes
     * @param list<array{row: int, called: string, cells: array<string, array{string, string}>, shift: ?int}> $changed those whose price
     *     moves farthest first
     * @param list<array{row: int, called: string, column: string, typed: string, why: string}> $refused
     * @param list<array{row: int, called: string}> $made
     * @param array<int, int> $shifts percent by which a price changes => how many
     */
    public function __construct(
        public array $counts = ['new' => 0, 'changed' => 0, 'same' => 0, 'refused' => 0],
        public array $columns = [],
        public array $changed = [],
        public array $refused = [],
        public array $made = [],
        public array $shifts = [],
    ) {}

    /**
     * @param array<string, array{string, string}> $cells key => as it is written, and as it would be
     * @param ?int $shift percent by which its price moves; null for one that stays
     */
    public function change(int $row, string $called, array $cells, ?int $shift): void
    {
        $this->counts['changed']++;
        foreach (array_keys($cells) as $key) {
            $this->columns[$key] = ($this->columns[$key] ?? 0) + 1;
        }
        if ($shift !== null) {
            $this->shifts[$shift] = ($this->shifts[$shift] ?? 0) + 1;
        }
        $this->changed[] = ['row' => $row, 'called' => $called, 'cells' => $cells, 'shift' => $shift];
        if (count($this->changed) > 2 * self::SHOWN) {
            $this->farthestFirst();
        }
    }

    public function make(int $row, string $called): void
    {
        $this->counts['new']++;
        if (count($this->made) < self::SHOWN) {
            $this->made[] = ['row' => $row, 'called' => $called];
        }
    }

    public function refuse(int $row, string $called, string $column, string $typed, string $why): void
    {
        $this->counts['refused']++;
        if (count($this->refused) < self::SHOWN) {
            $typed = mb_strimwidth($typed, 0, 80, '…');
            $this->refused[] = ['row' => $row, 'called' => $called, 'column' => $column, 'typed' => $typed, 'why' => $why];
        }
    }

    public function leave(): void
    {
        $this->counts['same']++;
    }

    /** How many records it would write. */
    public function writes(): int
    {
        return $this->counts['new'] + $this->counts['changed'];
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $this->farthestFirst();
        ksort($this->shifts);
        usort($this->refused, static fn(array $a, array $b): int => $a['row'] <=> $b['row']);

        return get_object_vars($this);
    }

    private function farthestFirst(): void
    {
        usort(
            $this->changed,
            static fn(array $a, array $b): int => [abs($b['shift'] ?? 0), $a['row']] <=> [abs($a['shift'] ?? 0), $b['row']],
        );
        $this->changed = array_slice($this->changed, 0, self::SHOWN);
    }

    /** @param array<string, mixed> $kept as toArray() gives it */
    public static function fromArray(array $kept): self
    {
        return new self(...$kept);
    }
}
