<?php

declare(strict_types=1);

namespace App\Storefront;

/** What a customer reads when something cannot be done: in the shop's own look, and never about the shop's insides. */
final class ShopTrouble
{
    private const WORDS = [
        403 => ['This is not open to you', 'Go back to the shop; nothing was changed.'],
        404 => [
            'There is nothing at this address',
            'The page you asked for may have been moved. Check the address, or go back to where you came from.',
        ],
        405 => ['That did not work', 'Go back to the shop and try once more. Your cart is as it was.'],
        413 => ['That is too much at once', 'Send less and try once more.'],
        419 => ['This form was not sent from the shop', 'Open the page again and send it from there. Your cart is as it was.'],
        422 => ['That could not be read', 'Go back, look at what you wrote, and send it once more. Your cart is as it was.'],
        429 => ['Too many tries', 'Wait a minute, then try again. Your cart is as it was.'],
        500 => ['Something went wrong on our side', 'Nothing was taken and your cart is as it was. Try again in a moment.'],
        503 => ['The shop cannot be reached just now', 'It will be back in a moment. Your cart is as it was; try again soon.'],
    ];

    /** @return array{string, string} a heading, and what to do */
    public static function words(int $status): array
    {
        return self::WORDS[$status] ?? self::WORDS[$status >= 500 ? 500 : 422];
    }
}
