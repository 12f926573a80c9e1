<?php

declare(strict_types=1);

namespace Ikat\Core\Exchange;

/** A theme package with something wrong in it; every fault that was found is named. */
final class UnusablePackage extends \InvalidArgumentException implements ExchangeException
{
    /** @param non-empty-list<string> $problems sentences */
    public function __construct(public readonly array $problems)
    {
        parent::__construct(implode(' ', $problems));
    }
}
