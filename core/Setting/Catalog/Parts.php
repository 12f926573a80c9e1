<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Catalog;

use Ikat\Core\Setting\Item;

/** The parts of the storefront in plain words. A part's key stands in data-part on its elements. */
final class Parts
{
    private const LABELS = [
        'every page' => 'Every page', 'theme' => 'This theme’s own', 'logo' => 'Logo', 'favicon' => 'Icons',
        'mail' => 'E-mail and gift cards', 'header' => 'Header', 'announcement' => 'Announcement bar', 'utility' => 'Utility strip',
        'page' => 'Page', 'home' => 'Home page', 'locked' => 'Locked shop', 'grid' => 'Product grid', 'card' => 'Product card',
        'product' => 'Product page',
        'footer' => 'Footer', 'sidecart' => 'Side cart', 'checkout' => 'Checkout', 'summary' => 'Summary', 'cart' => 'Cart',
        'delivery' => 'Delivery',
        'paying' => 'Paying', 'received' => 'Order received', 'seasons' => 'Seasons',
    ];

    public static function label(string $part): string
    {
        $item = Item::ofPart($part);
        if ($item !== null) {
            $kind = match ($item->prefix) {
                'band' => PageSettings::BANDS[$item->kind] ?? $item->kind,
                'block' => FooterSettings::BLOCKS[$item->kind] ?? $item->kind,
                default => $item->kind,
            };

            return ucfirst($kind).($item->number > 1 || $item->prefix === 'message' || $item->prefix === 'season' ? " $item->number" : '');
        }

        return self::LABELS[$part] ?? ucfirst($part);
    }
}
