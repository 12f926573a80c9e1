<?php

declare(strict_types=1);

namespace Ikat\Core\Grid;

use Ikat\Core\Setting\Type\OrderType;

/** Lines of a card below its picture, in an order the merchant gives them. */
final class CardLines
{
    /** Key => label. */
    public const ALL = ['name' => 'name', 'note' => 'note', 'price' => 'price', 'rating' => 'stars', 'button' => 'button'];

    /**
     * @param string $order keys of ALL between commas; empty, as an earlier Ikat published it, for the usual one
     *
     * @return list<string>
     */
    public static function of(string $order): array
    {
        return OrderType::whole($order, self::ALL);
    }
}
