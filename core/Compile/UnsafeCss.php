<?php

declare(strict_types=1);

namespace Ikat\Core\Compile;

/** A value that would not stay inside its declaration. */
final class UnsafeCss extends \DomainException
{
    public static function value(string $value): self
    {
        return new self(sprintf('“%s” is not one plain CSS value.', mb_substr(mb_scrub($value), 0, 60)));
    }
}
