<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Catalog;

use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\StepKey;

/** Every word of cart and checkout, each with its original. */
final class WordSettings
{
    /** path under "say." => [label, original words, part] */
    private const WORDS = [
        'add' => ['Add-to-cart button', 'Add to cart', 'product'],
        'now' => ['Straight-to-checkout button', 'Order it straight away', 'product'],
        'save' => ['Save-for-later button', 'Save for later', 'product'],
        'gone' => ['Sold-out button', 'Sold out', 'product'],
        'choose' => ['Button to choose how it comes', 'Choose', 'product'],
        'from' => ['Before the lowest of several prices', 'from', 'product'],
        'cart' => ['Cart heading', 'Your cart', 'cart'],
        'empty' => ['Empty cart', 'Nothing in your cart yet.', 'cart'],
        'look' => ['Empty cart button', 'Look around', 'cart'],
        'item' => ['Table heading: item', 'Item', 'cart'],
        'each' => ['Table heading: price', 'Price', 'cart'],
        'quantity' => ['Table heading: quantity', 'Quantity', 'cart'],
        'sum' => ['Table heading: amount', 'Amount', 'cart'],
        'change' => ['Change-quantity button', 'Change', 'cart'],
        'remove' => ['Remove button', 'Remove', 'cart'],
        'code' => ['Promotion code field', 'Promotion code', 'cart'],
        'use' => ['Promotion code button', 'Use', 'cart'],
        'checkout' => ['Checkout button', 'Go to checkout', 'cart'],
        'goods' => ['Sum of all items', 'Subtotal', 'summary'],
        'total' => ['Total', 'Total', 'summary'],
        'free' => ['When delivery costs nothing', 'free', 'summary'],
        'tax' => ['Tax that comes on top', 'Tax', 'summary'],
        'taxed' => ['Tax that is in the prices', 'of which tax', 'summary'],
        'gift' => ['What a code gives', 'With it, for nothing:', 'summary'],
        'details' => ['First checkout heading', 'Your details', 'checkout'],
        'name' => ['Name field', 'Name', 'checkout'],
        'email' => ['E-mail field', 'E-mail', 'checkout'],
        'street' => ['Street field', 'Street and number', 'checkout'],
        'town' => ['Town field', 'Town', 'checkout'],
        'postcode' => ['Postcode field', 'Postcode', 'checkout'],
        'to.delivery' => ['Button to delivery', 'Next: delivery', 'checkout'],
        'delivery' => ['Delivery heading', 'Delivery', 'delivery'],
        'travel' => ['Delivery question', 'How should we send it?', 'delivery'],
        'to.paying' => ['Button to payment', 'Next: payment', 'delivery'],
        'back.details' => ['Link to the details', 'Change your details', 'delivery'],
        'paying' => ['Payment heading', 'Payment', 'paying'],
        'pay' => ['Pay button', 'Pay now', 'paying'],
        'back.delivery' => ['Link to delivery', 'Change the delivery', 'paying'],
        'thanks' => ['Order received heading', 'Thank you, your order is in', 'received'],
        'order' => ['Order number', 'Order', 'received'],
        'going' => ['Where it goes', 'Going to', 'received'],
        'back.shop' => ['Link back to the shop', 'Back to the shop', 'received'],
    ];

    /** @return list<Setting> */
    public static function all(): array
    {
        return array_map(
            static fn(string $key, array $row): Setting => Setting::text(
                "say.$key",
                $row[0],
                $row[2],
                StepKey::CHECKOUT,
                $row[1],
                60,
                'words button wording translate prompt',
            ),
            array_keys(self::WORDS),
            self::WORDS,
        );
    }
}
