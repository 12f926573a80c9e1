<?php

declare(strict_types=1);

namespace App\Workbench\Header;

use App\Http\TypedRequest;
use App\Workbench\Shell\Bench;
use App\Workbench\Shell\ControlsStep;
use App\Workbench\Shell\StepPanel;
use Ikat\Core\Setting\StepKey;

/** Announcement bar, utility strip, header and its menus. */
final class HeaderStep extends ControlsStep
{
    public function key(): string
    {
        return StepKey::HEADER;
    }

    public function keywords(): string
    {
        return 'header announcement bar utility strip menu fold places';
    }

    public function panel(Bench $bench, TypedRequest $request): StepPanel
    {
        return new HeaderPanel($bench, $request);
    }
}
