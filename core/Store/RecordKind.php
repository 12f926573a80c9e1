<?php

declare(strict_types=1);

namespace Ikat\Core\Store;

use Ikat\Core\Store\Cell\CellType;
use Ikat\Core\Store\Cell\ChoiceCell;
use Ikat\Core\Store\Cell\LanguageCell;
use Ikat\Core\Store\Cell\MoneyCell;
use Ikat\Core\Store\Cell\RecordCell;
use Ikat\Core\Store\Cell\WholeCell;

/**
 * A kind of record of the Storeroom: its columns, and what must hold between them.
 *
 * @phpstan-import-type Value from CellType
 */
final readonly class RecordKind
{
    /** @var array<string, Column> by key */
    public array $columns;

    /**
     * @param string $one what one is called, within a sentence
     * @param string $name key of the column that says what a record is called
     * @param ?string $unique key of the column that no two records share; null for none
     * @param list<Column> $columns
     * @param ?\Closure(array<string, Value>): (?array{string, string}) $rule key of the column at fault and a sentence, or null
     * @param bool $isMade whether records of it are made and deleted in its table; what is not belongs to the owner alone
     * @param bool $isPrivate whether it is about customers: not for those who only look
     * @param string $place key of the column that keeps their order by hand; empty for none
     * @param ?\Closure(array<string, Value>, ?array<string, Value>): array<string, Value> $follows what some columns become when a whole
     *     record becomes another; the second is the record as it was, null for a new one
     * @param bool $isUploaded whether new ones come from files that are brought, and not from what is typed
     */
    public function __construct(
        public string $key,
        public string $one,
        public string $many,
        public string $name,
        public ?string $unique,
        array $columns,
        private ?\Closure $rule = null,
        public string $place = '',
        public bool $isMade = true,
        public bool $isPrivate = false,
        private ?\Closure $follows = null,
        public bool $isUploaded = false,
    ) {
        $this->columns = array_combine(array_map(static fn(Column $c): string => $c->key, $columns), $columns);
    }

    /** @throws RefusedChange */
    public function column(string $key): Column
    {
        return $this->columns[$key] ?? throw new RefusedChange("A $this->one has no column “{$key}”.");
    }

    /** Whether a column is there and holds numbers, by whose size records can be found. */
    public function isNumber(string $key): bool
    {
        $type = $this->columns[$key]->type ?? null;

        return $type instanceof MoneyCell || $type instanceof WholeCell;
    }

    /** Whether a column is there and holds one of some, by which records can be found. */
    public function isOneOf(string $key): bool
    {
        $type = $this->columns[$key]->type ?? null;

        return $type instanceof RecordCell || $type instanceof ChoiceCell || $type instanceof LanguageCell;
    }

    /** @return list<Column> in the order of the table */
    public function onTable(): array
    {
        return array_values(array_filter($this->columns, static fn(Column $c): bool => $c->wide > 0));
    }

    /** Whether files have a column: what follows from others is only there to say which record a row speaks of. */
    public function isInFiles(Column $column): bool
    {
        return ! $column->isComputed || $column->key === $this->unique;
    }

    /** @return list<Column> what somebody is asked of a new one; its address, place and day come by themselves */
    public function asked(): array
    {
        return array_values(array_filter($this->columns, static fn(Column $c): bool => $c->isAsked));
    }

    /**
     * What follows from what is typed: values of columns that can be typed, too, as long as others do not say them.
     *
     * @param array<string, Value> $row as it becomes
     * @param ?array<string, Value> $before null for a new one
     *
     * @return array<string, Value>
     */
    public function following(array $row, ?array $before): array
    {
        return $this->follows === null ? [] : ($this->follows)($row, $before);
    }

    /**
     * Whether a whole record can be so.
     *
     * @param array<string, Value> $row by key
     *
     * @return ?array{string, string} key of the column at fault, and a sentence that says what to do
     */
    public function fault(array $row): ?array
    {
        return $this->rule === null ? null : ($this->rule)($row);
    }
}
