<?php

declare(strict_types=1);

namespace App\Storeroom;

/** What was typed into a cell and not kept. */
final readonly class RefusedCell
{
    /**
     * @param ?int $id of the record; null for a new one
     * @param string $column key; empty for the record as a whole
     * @param string $why a sentence that says what to do
     * @param ?string $standing what stands there now, where somebody else was first
     */
    public function __construct(
        public ?int $id,
        public string $column,
        public string $typed,
        public string $why,
        public ?string $standing = null,
    ) {}
}
