<?php

declare(strict_types=1);

namespace App\Storeroom;

use Ikat\Core\Store\BulkChange;

/** What somebody wants of one record. */
final readonly class RecordWish
{
    /**
     * @param string $kind key
     * @param ?int $id null for a new one
     * @param array<string, string|BulkChange> $cells key of a column => what was typed, or how its number changes
     * @param array<string, string> $seen key of a column => what stood there when it was typed over
     * @param bool $isWhole whether nothing of it is done where something of it cannot be
     * @param bool $isBrought whether a file came with it, which new ones of some kinds need
     */
    public function __construct(
        public string $kind,
        public ?int $id,
        public array $cells = [],
        public array $seen = [],
        public bool $isDeleted = false,
        public bool $isWhole = false,
        public bool $isBrought = false,
    ) {}
}
