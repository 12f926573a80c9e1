<?php

declare(strict_types=1);

namespace App\Storefront;

use App\Models\CartLine;
use App\Models\Order;

/** The order a sample cart would make; it is stored nowhere. */
final class SampleOrder
{
    public static function of(Visitor $visitor): Order
    {
        $cart = $visitor->cart();
        $totals = $visitor->totals();
        $lines = $cart?->lines->map(static fn(CartLine $line): array => $line->ordered($visitor->moment));

        return new Order([
            'number' => 'W-SAMPLE', 'details' => $cart->details ?? [], 'lines' => $lines?->values()->all() ?? [],
            'totals' => [
                ...$totals->kept(), 'code' => $cart?->code, 'offer' => (string) $cart?->deliveryOffer?->name,
            ],
        ]);
    }
}
