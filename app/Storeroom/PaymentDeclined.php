<?php

declare(strict_types=1);

namespace App\Storeroom;

final class PaymentDeclined extends \RuntimeException implements PaymentException {}
