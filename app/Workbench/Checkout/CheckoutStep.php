<?php

declare(strict_types=1);

namespace App\Workbench\Checkout;

use App\Workbench\Shell\ControlsStep;
use Ikat\Core\Setting\StepKey;

final class CheckoutStep extends ControlsStep
{
    public function key(): string
    {
        return StepKey::CHECKOUT;
    }
}
