<?php

declare(strict_types=1);

namespace App\Workbench\Fonts;

use App\Workbench\Shell\ControlsStep;
use Ikat\Core\Setting\StepKey;

final class FontsStep extends ControlsStep
{
    public function key(): string
    {
        return StepKey::FONTS;
    }
}
