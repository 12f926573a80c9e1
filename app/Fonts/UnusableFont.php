<?php

declare(strict_types=1);

namespace App\Fonts;

/** A font that is not taken; nothing of it was kept. */
final class UnusableFont extends \RuntimeException
{
    public static function because(string $reason): self
    {
        return new self($reason);
    }
}
