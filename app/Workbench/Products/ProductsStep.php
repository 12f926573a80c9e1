<?php

declare(strict_types=1);

namespace App\Workbench\Products;

use App\Workbench\Shell\ControlsStep;
use Ikat\Core\Setting\StepKey;

final class ProductsStep extends ControlsStep
{
    public function key(): string
    {
        return StepKey::PRODUCTS;
    }
}
