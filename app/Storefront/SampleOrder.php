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
        $lines = $cart?->lines->map(static fn(CartLine $line): array => $line->ordered($visitor->each($line)));

        return new Order([
            'number' => 'W-SAMPLE', 'details' => $cart->details ?? [], 'lines' => $lines?->values()->all() ?? [],
            'totals' => [
                ...$totals->kept(), 'code' => $cart?->code, 'offer' => (string) $cart?->deliveryOffer?->name,
            ],
        ]);
    }

    /** An order of stand-ins that shows how tax and a gift are told. */
    public static function taxed(bool $isWithin): Order
    {
        $sums = ['goods' => 4000, 'off' => 0, 'delivery' => 500, 'tax' => 360, 'within' => $isWithin, 'total' => $isWithin ? 4500 : 4860];

        return new Order([
            'number' => 'W-SAMPLE', 'details' => ['name' => 'Ada Marsh', 'email' => 'ada@example.org'],
            'lines' => [['name' => StandIns::product()->name, 'quantity' => 2, 'sum' => 4000]],
            'totals' => [
                ...$sums,
                'code' => null,
                'offer' => StandIns::offer()->name,
                'gift' => $isWithin ? null : StandIns::product()->name,
            ],
        ]);
    }
}
