<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

/** Something in the Storeroom that is not as it should be. */
final readonly class StoreFinding extends WordedFinding
{
    public const STEP = 'storeroom';

    /** @param array<string, string> $opens what the Storeroom is opened at, as its state names it */
    public function __construct(string $key, Severity $severity, string $title, string $remedy, public array $opens)
    {
        parent::__construct($key, $severity, self::STEP, '', $title, $remedy);
    }
}
