<?php

declare(strict_types=1);

namespace App\Storefront;

final class OutOfStock extends \RuntimeException
{
    public function __construct(string $product)
    {
        parent::__construct("There are no longer enough of “{$product}”. Nothing was taken; change its quantity in your cart.");
    }
}
