<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Catalog;

/** What stands in the parts of the storefront, in plain words: what can be pointed at and selected in the shop window. */
final class Things
{
    /** Selector of the storefront's pages => name; the first that fits an element names it. A part is a thing as well, by its own name. */
    public const NAMES = [
        '.card-name' => 'Product name', '.card-price, .product-price' => 'Price', '.was' => 'Price before', '.reduced' => 'Reduced price',
        '.price' => 'Price', '.label' => 'Product label', '.stars' => 'Rating', '.no-picture' => 'Place of a picture',
        '.kicker' => 'Small line above',
        '.logo-picture' => 'Picture of the logo', '.logo' => 'Logo',
        'h1, h2, h3, h4, h5, h6' => 'Heading', '.menu a, .second a, .fold li a, .footer-block li a' => 'Menu entry', '.menu' => 'Menu',
        '.second' => 'Second menu',
        '.fold' => 'Folded menu', '.below, .below > summary' => 'Entries below', '.search-box' => 'Search field',
        '.chooser' => 'Chooser of country', '.tool' => 'Icon',
        '.count' => 'Number in the cart',
        '.button' => 'Button', '.quiet-button' => 'Quiet button', '.plain-button' => 'Button of words', '.quantity' => 'Quantity',
        '.message' => 'Notice', '.line-item' => 'Line of the cart', '.totals' => 'Totals', '.sum' => 'Total', '.code' => 'Field for a code',
        '.field-problem' => 'Words of a mistake', '.field-label, .field > label' => 'Name of a field', '.input' => 'Field',
        '.sorting' => 'Sort list', '.paging' => 'Pages of the list', '.trail' => 'Way back', '.facts' => 'Facts', '.gallery' => 'Gallery',
        '.product-pictures' => 'Pictures of the product', '.grid' => 'Products', '.band-head' => 'Head of the band',
        '.band-words' => 'Words of the band',
        '.footer-letters' => 'Sign-up form', '.footer-end' => 'Last line', '.announcement li, .announcement p' => 'Message',
        'iframe, video' => 'Film',
        'picture, img, .card-picture, .lead-picture, .column-picture, .footer-picture, .checkout-picture' => 'Picture',
        '.prose, .lead-text, p' => 'Text', 'table' => 'Table', 'label' => 'Name of a field', 'a' => 'Link', 'button' => 'Button',
        'summary' => 'Fold',
    ];
}
