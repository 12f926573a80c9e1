<?php

declare(strict_types=1);

namespace App\Workbench\Pages;

use App\Workbench\Shell\ControlsStep;
use Ikat\Core\Setting\StepKey;

final class PagesStep extends ControlsStep
{
    public function key(): string
    {
        return StepKey::PAGES;
    }
}
