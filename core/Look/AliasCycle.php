<?php

declare(strict_types=1);

namespace Ikat\Core\Look;

use Ikat\Core\Setting\LookException;

/** Settings that follow each other in a circle. */
final class AliasCycle extends \DomainException implements LookException
{
    /** @param list<string> $paths the circle, its first path repeated at the end */
    private function __construct(public readonly array $paths)
    {
        $circle = implode(' → ', $paths);
        parent::__construct("These settings would follow each other in a circle: $circle. Give one of them a value of its own.");
    }

    /** @param list<string> $paths */
    public static function along(array $paths): self
    {
        return new self($paths);
    }
}
