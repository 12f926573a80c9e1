<?php

declare(strict_types=1);

namespace Ikat\Core\Look;

use Ikat\Core\Setting\LookException;

final class UnknownStarter extends \OutOfBoundsException implements LookException
{
    public static function named(string $name, Theme $theme): self
    {
        return new self(sprintf(
            'The theme %s has no starter “%s”; it has %s.',
            $theme->title,
            $name,
            implode(', ', array_keys($theme->starters)),
        ));
    }
}
