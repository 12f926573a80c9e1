<?php

declare(strict_types=1);

namespace Ikat\Core\Exchange;

/** A theme file that is not what it should be; the message says where. */
final class UnreadableTheme extends \InvalidArgumentException implements ExchangeException
{
    public static function at(string $place, string $reason): self
    {
        return new self("The theme cannot be read at $place: $reason.");
    }
}
