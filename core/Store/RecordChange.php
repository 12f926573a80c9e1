<?php

declare(strict_types=1);

namespace Ikat\Core\Store;

use Ikat\Core\Store\Cell\CellType;

/**
 * What one edit does to one record.
 *
 * @phpstan-import-type Value from CellType
 */
final readonly class RecordChange
{
    /**
     * @param string $kind key
     * @param string $called what the record is called, for people
     * @param ?array<string, Value> $before the columns that change, as they were; null where the record was not there
     * @param ?array<string, Value> $after the same, as they become; null where it is deleted
     */
    public function __construct(
        public string $kind,
        public int $id,
        public string $called,
        public ?array $before,
        public ?array $after,
    ) {}

    public function reversed(): self
    {
        return new self($this->kind, $this->id, $this->called, $this->after, $this->before);
    }

    /** @return array{string, int, string, ?array<string, Value>, ?array<string, Value>} */
    public function toArray(): array
    {
        return [$this->kind, $this->id, $this->called, $this->before, $this->after];
    }

    /** @param array{string, int, string, ?array<string, Value>, ?array<string, Value>} $kept as toArray() gives it */
    public static function fromArray(array $kept): self
    {
        return new self(...$kept);
    }
}
