<?php

declare(strict_types=1);

namespace App\Storefront;

/** What the cart of somebody who only looks at the shop in the workbench holds; nothing of it is stored. */
enum SampleCart: string
{
    case None = '';
    case Filled = 'sample';
    case WithCode = 'sample-code';

    /** @param mixed $asked what an address names */
    public static function named(mixed $asked): self
    {
        return is_string($asked) ? self::tryFrom($asked) ?? self::None : self::None;
    }
}
