<?php

declare(strict_types=1);

namespace App\Storeroom;

/** The till took nothing. The message is for the customer. */
interface PaymentException extends \Throwable {}
