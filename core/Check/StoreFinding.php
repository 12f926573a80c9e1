<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

/** Something in the Storeroom that is not as it should be. */
final readonly class StoreFinding implements Finding
{
    public const STEP = 'storeroom';

    /** @param array<string, string> $opens what the Storeroom is opened at, as its state names it */
    public function __construct(
        private string $key,
        private Severity $severity,
        private string $title,
        private string $remedy,
        public array $opens,
    ) {}

    public function key(): string
    {
        return $this->key;
    }

    public function severity(): Severity
    {
        return $this->severity;
    }

    public function step(): string
    {
        return self::STEP;
    }

    public function path(): string
    {
        return '';
    }

    public function inWords(Inspection $input): string
    {
        return $this->title;
    }

    public function measured(): string
    {
        return $this->remedy;
    }

    public function fulfillment(): float
    {
        return 0.0;
    }
}
