<?php

declare(strict_types=1);

namespace App\Storeroom;

final class PaymentUnanswered extends \RuntimeException implements PaymentException {}
