<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Catalog;

/** The parts of the storefront in plain words. A part's key stands in data-part on its elements. */
final class Parts
{
    private const LABELS = [
        'every page' => 'Every page', 'theme' => 'This theme’s own', 'logo' => 'Logo', 'favicon' => 'Icons', 'mail' => 'E-mail and gift cards', 'header' => 'Header', 'announcement' => 'Announcement bar', 'utility' => 'Utility strip',
        'page' => 'Page', 'home' => 'Home page', 'locked' => 'Locked shop', 'grid' => 'Product grid', 'card' => 'Product card', 'product' => 'Product page',
        'footer' => 'Footer', 'sidecart' => 'Side cart', 'checkout' => 'Checkout', 'summary' => 'Summary', 'cart' => 'Cart', 'delivery' => 'Delivery',
        'paying' => 'Paying', 'received' => 'Order received', 'seasons' => 'Seasons',
    ];

    public static function label(string $part): string
    {
        if (preg_match('/^(message|band|block|season)-([a-z]+)-(\d+)$/', $part, $m)) {
            $kind = match ($m[1]) {
                'band' => PageSettings::BANDS[$m[2]] ?? $m[2],
                'block' => FooterSettings::BLOCKS[$m[2]] ?? $m[2],
                default => $m[2],
            };

            return ucfirst($kind).((int) $m[3] > 1 || $m[1] === 'message' || $m[1] === 'season' ? " $m[3]" : '');
        }

        return self::LABELS[$part] ?? ucfirst($part);
    }
}
