<?php

declare(strict_types=1);

namespace Ikat\Core\Type;

final class UnreadableFont extends \RuntimeException implements TypeException
{
    public static function because(string $reason): self
    {
        return new self("This font cannot be read: $reason.");
    }

    public static function endsEarly(): self
    {
        return self::because('it is cut off or points beyond its end');
    }
}
