<?php

declare(strict_types=1);

namespace App\Storefront;

final class CodeUsedUp extends \RuntimeException
{
    public function __construct()
    {
        parent::__construct(
            'Your code has been used by others meanwhile, as often as it can be. Nothing was taken; look at the total again.',
        );
    }
}
