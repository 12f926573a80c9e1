<?php

declare(strict_types=1);

namespace Ikat\Core\Look;

use Ikat\Core\Setting\LookException;

/** Somebody changed a setting after the writer had last seen it. Carries both values, so that neither is lost. */
final class StaleEdit extends \DomainException implements LookException
{
    private function __construct(
        public readonly string $path,
        public readonly mixed $theirs,
        public readonly mixed $yours,
        public readonly string $author,
        public readonly int $sequence,
    ) {
        parent::__construct(sprintf('%s changed "%s" while you were editing it. Choose which of the two values stays.', $author, $path));
    }

    public static function on(Change $theirs, mixed $yours, JournalEntry $entry): self
    {
        return new self($theirs->path, $theirs->after, $yours, $entry->author, $entry->sequence);
    }
}
