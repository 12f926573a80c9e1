<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Catalog;

use Ikat\Core\Setting\Item;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Type\Voice;

/** The parts of the storefront in plain words. A part's key stands in data-part on its elements. */
final class Parts
{
    private const LABELS = [
        'every page' => 'Every page', 'theme' => 'This theme’s own', 'logo' => 'Logo', 'favicon' => 'Icons',
        'mail' => 'E-mail and gift cards', 'header' => 'Header', 'announcement' => 'Announcement bar', 'utility' => 'Utility strip',
        'page' => 'Page', 'home' => 'Home page', 'locked' => 'Locked shop', 'grid' => 'Product grid', 'card' => 'Product card',
        'product' => 'Product page',
        'gone' => 'Sold-out product', 'nowhere' => 'Not-found page', 'search' => 'Search', 'saved' => 'Saved items',
        'footer' => 'Footer', 'sidecart' => 'Side cart', 'checkout' => 'Checkout', 'summary' => 'Summary', 'cart' => 'Cart',
        'delivery' => 'Delivery',
        'paying' => 'Payment', 'received' => 'Order received', 'seasons' => 'Seasons',
    ];

    /** A setting's label beside others of its part, without the part's name before it: "Lead picture: height" is "Height" there. */
    public static function labelWithin(Setting $setting): string
    {
        $voice = Voice::ofPath($setting->path);
        $before = $voice === null ? self::label($setting->part).': ' : $voice->label().' ';
        $label = $setting->label;

        return str_starts_with($label, $before)
            ? mb_strtoupper(mb_substr($label, mb_strlen($before), 1)).mb_substr($label, mb_strlen($before) + 1)
            : $label;
    }

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
