<?php

declare(strict_types=1);

namespace Ikat\Core\Promise;

/** What words may promise. */
enum ClaimKind: string
{
    /** A code counts, and gives what is said of it. */
    case Code = 'code';

    /** Goods are reduced by a share. */
    case Reduction = 'reduction';

    /** A sum comes off. */
    case AmountOff = 'amount-off';

    /** Delivery costs nothing from a sum on. */
    case FreeFrom = 'free-from';

    /** Delivery costs nothing. */
    case FreeDelivery = 'free-delivery';

    /** Delivery costs so much. */
    case DeliveryPrice = 'delivery-price';

    /** Something lasts until a day. */
    case Until = 'until';
}
