<?php

declare(strict_types=1);

namespace Ikat\Core\Look;

/** One layer: only the values it decides. */
final readonly class Layer
{
    /** @param array<string, bool|float|string> $values path => value or alias */
    public function __construct(public LayerKind $kind, public string $name, public array $values) {}
}
