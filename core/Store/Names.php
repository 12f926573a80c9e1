<?php

declare(strict_types=1);

namespace Ikat\Core\Store;

/** The names by which records of the store are spoken of in other records. */
interface Names
{
    /** @return ?int id of the record of a kind that is called so, or has this address; null for none */
    public function idOf(string $kind, string $called): ?int;

    /** @return string what a record is called; empty when it is gone */
    public function nameOf(string $kind, int $id): string;
}
