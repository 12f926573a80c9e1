<?php

declare(strict_types=1);

namespace App\Looks;

/** A theme that is neither shipped nor on the store's shelf (any more). */
final class MissingTheme extends \RuntimeException
{
    public static function at(string $name, string $version): self
    {
        return new self("There is no theme $name $version here.");
    }
}
