<?php

declare(strict_types=1);

namespace Ikat\Core\Image;

final class UnusableSvg extends \InvalidArgumentException
{
    public static function because(string $reason): self
    {
        return new self("The drawing cannot be used: $reason.");
    }
}
