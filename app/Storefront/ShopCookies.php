<?php

declare(strict_types=1);

namespace App\Storefront;

/** The cookies of a shop's visitor. Plain PHP: the front door reads them before the framework is loaded. */
final class ShopCookies
{
    public const CART = 'shop_cart';
    public const KEY = 'shop_key';
    public const SAVED = 'shop_saved';
    public const COUNTRY = 'shop_country';

    /** Those that make a page a visitor's own, so that it is not kept for others. */
    public const OWN = [self::CART, self::COUNTRY];

    /** All of them, none of which is the framework's to encrypt. */
    public const ALL = [self::CART, self::KEY, self::SAVED, self::COUNTRY];
}
