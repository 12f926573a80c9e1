<?php

declare(strict_types=1);

namespace App\Models;

/** Whose rows the queries of this request may see. */
final class CurrentStore
{
    private ?int $id = null;

    public function is(int $id): void
    {
        $this->id = $id;
    }

    /** @throws \LogicException when no store has been chosen: a query would otherwise see everybody's rows */
    public function id(): int
    {
        return $this->id ?? throw new \LogicException('No store has been chosen for this query.');
    }
}
