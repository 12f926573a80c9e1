<?php

declare(strict_types=1);

namespace Ikat\Core\Checkout;

/** What a promotion code gives. */
enum PromotionKind: string
{
    /** A share of the goods it is meant for. */
    case Percent = 'percent';

    /** A sum off them. */
    case Amount = 'amount';

    /** Delivery costs nothing. */
    case Delivery = 'delivery';

    /** A product comes along for nothing. */
    case Gift = 'gift';
}
