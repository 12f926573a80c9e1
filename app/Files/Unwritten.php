<?php

declare(strict_types=1);

namespace App\Files;

/** A file that could not be written whole, most likely because the disk is full; what it was for did not happen. */
final class Unwritten extends \RuntimeException
{
    public static function because(string $what): self
    {
        return new self("$what could not be written whole: the disk is full, or its folder is shut. Nothing was changed. Make room, then "
            .'try again.');
    }
}
