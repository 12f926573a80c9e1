<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

/** A finding that is told in words of its own, and is there or not: there is no measure between. */
abstract readonly class WordedFinding implements Finding
{
    /**
     * @param string $title "Lead picture: button leads to /category/lamps, which is not in the shop"
     * @param string $remedy what to do, one sentence
     */
    public function __construct(
        private string $key,
        private Severity $severity,
        private string $step,
        private string $path,
        private string $title,
        private string $remedy,
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
        return $this->step;
    }

    public function path(): string
    {
        return $this->path;
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
