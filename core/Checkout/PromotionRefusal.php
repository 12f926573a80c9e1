<?php

declare(strict_types=1);

namespace Ikat\Core\Checkout;

enum PromotionRefusal: string
{
    case NotYet = 'not-yet';
    case Over = 'over';
    case TooLittle = 'too-little';
    case UsedUp = 'used-up';
    case NotOnThese = 'not-on-these';
}
