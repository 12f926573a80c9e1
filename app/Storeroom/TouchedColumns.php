<?php

declare(strict_types=1);

namespace App\Storeroom;

use App\Models\CurrentStore;
use Ikat\Core\Store\RecordChange;
use Illuminate\Support\Facades\Cache;

/** When which column was last written: what is counted over a large table is counted anew only when it must be. */
final class TouchedColumns
{
    /** Records that came or went. */
    public const RECORDS = '*';

    public function __construct(private readonly CurrentStore $current) {}

    /**
     * When one of these columns was last written, or records made or deleted; now, where nobody knows.
     *
     * @param string $kind key
     * @param list<string> $columns
     *
     * @return int microseconds
     */
    public function last(string $kind, array $columns): int
    {
        $times = Cache::many(array_map(fn(string $column): string => $this->key($kind, $column), [...$columns, self::RECORDS]));
        $missing = array_keys(array_filter($times, is_null(...)));
        if ($missing === []) {
            return max(array_map(intval(...), $times));
        }
        $now = self::now();
        foreach ($missing as $key) {
            Cache::forever($key, $now);
        }

        return $now;
    }

    /**
     * Becomes another when one of these is written.
     *
     * @param array<string, list<string>> $columns by kind
     */
    public function stamp(array $columns): string
    {
        return implode(' ', array_map(
            fn(string $kind, array $of): int => $this->last($kind, $of),
            array_keys($columns),
            $columns,
        ));
    }

    /** @param array{first: RecordChange, keys: list<string>, made: int, gone: int} $told of an edit, as ChangeWords gathers it */
    public function touch(array $told): void
    {
        $keys = array_intersect(['price', 'reduced', 'cost'], $told['keys']) === [] ? $told['keys'] : [...$told['keys'], 'margin'];
        $this->touchColumns($told['first']->kind, $told['made'] + $told['gone'] > 0 ? [...$keys, self::RECORDS] : $keys);
    }

    /** @param list<string> $columns */
    public function touchColumns(string $kind, array $columns): void
    {
        foreach ($columns as $column) {
            Cache::forever($this->key($kind, $column), self::now());
        }
    }

    private static function now(): int
    {
        return (int) (microtime(true) * 1_000_000);
    }

    private function key(string $kind, string $column): string
    {
        return "touched {$this->current->id()} $kind $column";
    }
}
