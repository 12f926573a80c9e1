<?php

declare(strict_types=1);

namespace App\Workbench\Seasons;

use App\Http\TypedRequest;
use App\Workbench\Shell\Bench;
use App\Workbench\Shell\ControlsStep;
use App\Workbench\Shell\StepPanel;
use Ikat\Core\Setting\StepKey;

final class SeasonsStep extends ControlsStep
{
    public function key(): string
    {
        return StepKey::SEASONS;
    }

    public function panel(Bench $bench, TypedRequest $request): StepPanel
    {
        return new SeasonsPanel($bench, $request);
    }
}
