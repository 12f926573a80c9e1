<?php

declare(strict_types=1);

namespace App\Storeroom;

/**
 * Wishes of a file, piece by piece, read anew each time they are gone through: a write that the database broke off is tried again.
 *
 * @implements \IteratorAggregate<int, list<RecordWish>>
 */
final readonly class WishPieces implements \IteratorAggregate
{
    /** @param \Closure(): iterable<array{list<RecordWish>}> $read */
    public function __construct(private \Closure $read) {}

    public function getIterator(): \Traversable
    {
        foreach (($this->read)() as [$wishes]) {
            yield $wishes;
        }
    }
}
