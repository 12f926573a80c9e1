<?php

declare(strict_types=1);

namespace App\Storeroom;

use App\Models\StoreEdit;

/** What came of what somebody wanted of the store. */
final readonly class StoreOutcome
{
    /**
     * @param ?StoreEdit $edit null when nothing changed
     * @param list<RefusedCell> $refused
     * @param list<int> $made ids of new records
     */
    public function __construct(public ?StoreEdit $edit, public array $refused = [], public array $made = []) {}
}
