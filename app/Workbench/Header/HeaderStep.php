<?php

declare(strict_types=1);

namespace App\Workbench\Header;

use App\Workbench\Shell\ControlsStep;
use Ikat\Core\Setting\StepKey;

final class HeaderStep extends ControlsStep
{
    public function key(): string
    {
        return StepKey::HEADER;
    }
}
