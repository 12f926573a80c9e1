<?php

declare(strict_types=1);

namespace Ikat\Core\Type;

final class UnknownFont extends \OutOfBoundsException implements TypeException
{
    public static function named(string $key): self
    {
        return new self(sprintf(
            'There is no font “%s”. There are: %s.',
            mb_substr(mb_scrub($key), 0, 40),
            implode(', ', array_keys(FontShelf::all())),
        ));
    }
}
