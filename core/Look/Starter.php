<?php

declare(strict_types=1);

namespace Ikat\Core\Look;

/** A ready-made variation of a theme. */
final readonly class Starter
{
    /** @param array<string, bool|float|string> $values path => value or alias */
    public function __construct(public string $name, public string $title, public string $words, public array $values) {}
}
