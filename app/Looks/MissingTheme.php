<?php

declare(strict_types=1);

namespace App\Looks;

use Ikat\Core\Look\Base;

/** A theme that is neither shipped nor on the store's shelf (any more). */
final class MissingTheme extends \RuntimeException
{
    public static function at(string $name, string $version): self
    {
        return new self("There is no theme $name $version here.");
    }

    /** What a merchant whose look stands on it reads. */
    public static function inWords(Base $base, string $instead): string
    {
        $theme = str_starts_with($base->theme, 'own-') ? str_replace('-', ' ', substr($base->theme, 4)) : $base->theme;

        return "This look stands on the theme “{$theme}” {$base->version} ({$base->starter}), which is no longer on the shelf. Until you decide, it is shown on {$instead}; none of your changes is lost. Bring the theme in again, undo further, or take another theme in Start.";
    }
}
