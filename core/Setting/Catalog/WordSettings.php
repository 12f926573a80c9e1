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
        'saving' => ['What a reduced price saves', 'You save :saved', 'product'],
        'sent' => ['Heading over delivery', 'How it is sent', 'product'],
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

    /** Words of pages on which something is missing: path under "say." => [label, original words, part, step] */
    private const MISSING = [
        'picture.none' => ['In place of a picture', 'No picture yet', 'card', StepKey::PRODUCTS],
        'fits.none' => ['Category in which nothing fits', 'Nothing here fits.', 'grid', StepKey::PRODUCTS],
        'gone.words' => ['Sold-out words', 'Sold out for now.', 'gone', StepKey::PRODUCTS],
        'others' => ['Heading over other products', 'More like this', 'product', StepKey::PRODUCTS],
        'nowhere' => ['Not-found heading', 'There is nothing here', 'nowhere', StepKey::PAGES],
        'nowhere.words' => [
            'Not-found words', 'The page you asked for is not in this shop. It may have been moved.', 'nowhere', StepKey::PAGES,
        ],
        'search.ask' => ['Search hint', 'Write a word or two.', 'search', StepKey::PAGES],
        'search.none' => ['Search that finds nothing', 'Nothing found. Try one word, or a shorter one.', 'search', StepKey::PAGES],
        'saved.none' => ['Nothing saved yet', 'Nothing saved yet. What you save on a product’s page waits here.', 'saved', StepKey::PAGES],
    ];

    /** The words a path has from the beginning; none for what is no path of words. */
    public static function original(string $path): string
    {
        $key = str_starts_with($path, 'say.') ? substr($path, 4) : '';

        return self::WORDS[$key][1] ?? self::MISSING[$key][1] ?? '';
    }

    /** @return list<Setting> */
    public static function all(): array
    {
        $word = static fn(string $key, string $label, string $words, string $part, string $step, int $most): Setting => Setting::text(
            "say.$key",
            $label,
            $part,
            $step,
            $words,
            $most,
            'words button wording translate prompt empty missing',
        );

        return [
            ...array_map(
                static fn(string $key, array $row): Setting => $word($key, $row[0], $row[1], $row[2], StepKey::CHECKOUT, 60),
                array_keys(self::WORDS),
                self::WORDS,
            ),
            ...array_map(
                static fn(string $key, array $row): Setting => $word($key, $row[0], $row[1], $row[2], $row[3], 160),
                array_keys(self::MISSING),
                self::MISSING,
            ),
        ];
    }
}
