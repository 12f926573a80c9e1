<?php

declare(strict_types=1);

namespace Ikat\Core\Store;

/** Which records of a kind are looked for, in what order, and which page of them. */
final readonly class RecordQuestion
{
    private const MOST_PAGE = 100_000;

    /**
     * @param string $words what they are found by; empty for all
     * @param array<string, array{int, int}> $ranges key of a column of numbers => least and most
     * @param ?array{string, string} $only key of a column and what stands in it, as it is written
     * @param string $sort key of a column; empty for their own order
     */
    public function __construct(
        public string $words = '',
        public array $ranges = [],
        public ?array $only = null,
        public string $sort = '',
        public bool $isDown = false,
        public int $page = 1,
    ) {}

    /**
     * What an address says; whatever cannot be is left out.
     *
     * @param string $ranges stock:0..60,price:1000..2500
     * @param string $only category_id:Chairs
     * @param string $sort price or -price
     */
    public static function of(RecordKind $kind, string $words, string $ranges, string $only, string $sort, string $page): self
    {
        $read = [];
        foreach (explode(',', $ranges) as $range) {
            if (preg_match('/^([a-z_]+):(-?\d{1,9})\.\.(-?\d{1,9})$/D', $range, $m) === 1 && $kind->isNumber($m[1])) {
                $read[$m[1]] = [(int) $m[2], (int) $m[3]];
            }
        }
        [$key, $value] = explode(':', $only, 2) + ['', ''];
        $column = ltrim($sort, '-');

        return new self(
            $words,
            $read,
            $kind->isOneOf($key) && $value !== '' ? [$key, $value] : null,
            isset($kind->columns[$column]) ? $column : '',
            str_starts_with($sort, '-') && isset($kind->columns[$column]),
            max(1, min(self::MOST_PAGE, (int) $page)),
        );
    }

    /** @return array{q: string, ranges: string, only: string, sort: string, page: string} as of() reads it */
    public function written(): array
    {
        $ranges = [];
        foreach ($this->ranges as $key => [$least, $most]) {
            $ranges[] = "$key:$least..$most";
        }

        return [
            'q' => $this->words,
            'ranges' => implode(',', $ranges),
            'only' => $this->only === null ? '' : implode(':', $this->only),
            'sort' => ($this->isDown ? '-' : '').$this->sort,
            'page' => $this->page === 1 ? '' : (string) $this->page,
        ];
    }

    /** @param ?array{int, int} $range null for any number */
    public function within(string $column, ?array $range): self
    {
        $ranges = $range === null ? array_diff_key($this->ranges, [$column => 0]) : [...$this->ranges, $column => $range];

        return new self($this->words, $ranges, $this->only, $this->sort, $this->isDown);
    }

    /** @param ?array{string, string} $only */
    public function with(?array $only): self
    {
        return new self($this->words, $this->ranges, $only, $this->sort, $this->isDown);
    }

    /** Sorted by a column; by the same again the other way round, and a third time as they stand. */
    public function sortedBy(string $column): self
    {
        [$sort, $isDown] = match (true) {
            $this->sort !== $column => [$column, false],
            ! $this->isDown => [$column, true],
            default => ['', false],
        };

        return new self($this->words, $this->ranges, $this->only, $sort, $isDown);
    }

    public function onPage(int $page): self
    {
        return new self($this->words, $this->ranges, $this->only, $this->sort, $this->isDown, max(1, $page));
    }
}
