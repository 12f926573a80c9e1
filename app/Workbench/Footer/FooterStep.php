<?php

declare(strict_types=1);

namespace App\Workbench\Footer;

use App\Workbench\Shell\ControlsStep;
use Ikat\Core\Setting\StepKey;

final class FooterStep extends ControlsStep
{
    public function key(): string
    {
        return StepKey::FOOTER;
    }
}
