<?php

declare(strict_types=1);

namespace App\Storeroom;

use Ikat\Core\Store\Cell\AddressCell;
use Ikat\Core\Store\Cell\CodeCell;
use Ikat\Core\Store\RecordKind;
use Ikat\Core\Store\RecordKinds;

/**
 * Rows of a file as wishes: each finds the record it speaks of, or is a new one.
 *
 * @phpstan-type Refused array{row: int, called: string, column: string, typed: string, why: string}
 */
final class FileRows
{
    /** Rows that are looked up at once. */
    private const PIECE = 500;

    /** Cells of the first rows that may be what a record is called. */
    private const WORDS = 4000;

    /** Kinds whose records are called alike but for what they belong to: the column that says so, and the kind of that. */
    private const WITHIN = [
        RecordKinds::ENTRIES => ['menu_id', RecordKinds::MENUS], RecordKinds::REVIEWS => ['product_id', RecordKinds::GOODS],
    ];

    public function __construct(private readonly RecordRows $rows, private readonly StoreNames $names) {}

    /**
     * @return iterable<array{list<RecordWish>, list<int>, list<Refused>, int}> wishes, the line of each, rows that speak of no one
     *     record, and how many rows have been read so far
     */
    public function pieces(StoreFile $file, RecordKind $kind): iterable
    {
        [$piece, $read, $seen, $alike, $isFirst] = [[], 0, [], [], $file->has_heads];
        foreach (CsvRows::in($file->text(), $file->delimiter) as $line => $cells) {
            if ($isFirst) {
                $isFirst = false;

                continue;
            }
            $piece[$line] = $cells;
            $read++;
            if (count($piece) === self::PIECE) {
                yield [...$this->wishes($file, $kind, $piece, $seen, $alike), $read];
                $piece = [];
            }
        }
        if ($piece !== []) {
            yield [...$this->wishes($file, $kind, $piece, $seen, $alike), $read];
        }
    }

    /**
     * @param array<int, list<string>> $piece line => cells
     * @param array<string, int> $seen what rows before were called => their line
     * @param array<string, int> $alike what rows before were called => how many of them
     *
     * @return array{list<RecordWish>, list<int>, list<Refused>}
     */
    private function wishes(StoreFile $file, RecordKind $kind, array $piece, array &$seen, array &$alike): array
    {
        $match = $file->match();
        $keys = [];
        foreach ($piece as $line => $cells) {
            $keys[$line] = $this->keyOf($kind, self::typed($match->columns, $cells));
        }
        $ids = $this->ids($kind, $keys);
        [$wishes, $lines, $refused] = [[], [], []];
        foreach ($piece as $line => $cells) {
            $typed = self::typed($match->columns, $cells);
            [$column, $key] = $keys[$line];
            $label = $kind->column($column)->label;
            $found = $ids["$column $key"] ?? [];
            if (isset(self::WITHIN[$kind->key]) && $key !== '') {
                // Entries of a menu, and buyers of a product, may be called alike: the second row speaks of the second of them.
                $nth = $alike["$column $key"] = ($alike["$column $key"] ?? 0) + 1;
                [$found, $key] = [array_slice($found, $nth - 1, 1), "$key\n$nth"];
            }
            $why = match (true) {
                $key === '' => "The $label is empty: it says which $kind->one a row speaks of.",
                isset($seen["$column $key"]) => "“{$typed[$column]}” stands in line {$seen["$column $key"]} too. Only that one is used.",
                count($found) > 1 => count($found)." $kind->many are called so. Give the file a column with their addresses.",
                default => null,
            };
            $seen["$column $key"] ??= $line;
            if ($why !== null) {
                [$called, $at] = [$typed[$kind->name] ?? '', $typed[$column] ?? ''];
                $refused[] = ['row' => $line, 'called' => $called, 'column' => $label, 'typed' => $at, 'why' => $why];

                continue;
            }
            if ($kind->column($column)->isComputed) {
                unset($typed[$column]);
            }
            $wishes[] = new RecordWish($kind->key, $found[0] ?? null, $typed, isWhole: true);
            $lines[] = $line;
        }

        return [$wishes, $lines, $refused];
    }

    /**
     * @param array<int, string> $columns
     * @param list<string> $cells
     *
     * @return array<string, string> key of a column => what was typed
     */
    private static function typed(array $columns, array $cells): array
    {
        $typed = [];
        foreach ($columns as $i => $key) {
            $typed[$key] = $cells[$i] ?? '';
        }

        return $typed;
    }

    /**
     * What a row is known by: what no two share where it has that, else what it is called.
     *
     * @param array<string, string> $typed
     *
     * @return array{string, string} key of the column, and what stands there in one spelling; empty for nothing
     */
    private function keyOf(RecordKind $kind, array $typed): array
    {
        $unique = $kind->unique === null ? '' : $typed[$kind->unique] ?? '';
        if ($kind->unique !== null && $unique !== '') {
            return [$kind->unique, $kind->unique === 'slug' ? AddressCell::of($unique) : mb_strtolower($unique)];
        }
        $called = mb_strtolower($typed[$kind->name] ?? '');

        [$column, $of] = self::WITHIN[$kind->key] ?? ['', ''];

        return [$kind->name, $column !== '' && $called !== '' ? "$called\n".$this->names->idOf($of, $typed[$column] ?? '') : $called];
    }

    /**
     * @param array<int, array{string, string}> $keys
     *
     * @return array<string, list<int>> column and key => ids
     */
    private function ids(RecordKind $kind, array $keys): array
    {
        $wanted = [];
        foreach ($keys as [$column, $key]) {
            if ($key !== '') {
                $called = (string) strtok($key, "\n");
                // Codes are kept in capitals.
                $wanted[$column][] = $kind->column($column)->type instanceof CodeCell ? mb_strtoupper($called) : $called;
            }
        }
        $ids = [];
        foreach ($wanted as $column => $of) {
            $also = array_slice(self::WITHIN[$kind->key] ?? [], 0, 1);
            $order = $kind->place === '' ? 'id' : $kind->place;
            $rows = $this->rows->query($kind)->whereIn($column, $of)->orderBy($order)->orderBy('id')->get(['id', $column, ...$also]);
            foreach ($rows as $row) {
                $called = mb_strtolower((string) $row->{$column});
                $ids["$column $called".($also === [] ? '' : "\n".$row->{$also[0]})][] = (int) $row->id;
            }
        }

        return $ids;
    }

    /**
     * The first rows of a file, and the store's records that are called as they are.
     *
     * @param list<list<string>> $rows
     *
     * @return list<array<string, mixed>>
     */
    public function alike(RecordKind $kind, array $rows): array
    {
        $words = array_values(array_unique(array_filter(array_map(trim(...), array_merge([], ...$rows)))));
        $named = $this->rows->query($kind)->whereIn($kind->name, array_slice($words, 0, self::WORDS))->limit(self::PIECE);
        $ids = $words === [] ? [] : $named->pluck('id')->all();

        return array_values($this->rows->read($kind, array_map(intval(...), $ids)));
    }
}
