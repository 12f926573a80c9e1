<?php

declare(strict_types=1);

namespace Tests\App\Probe;

use App\Http\TypedRequest;
use App\Workbench\Shell\Bench;
use App\Workbench\Shell\ControlsStep;
use App\Workbench\Shell\StepPanel;
use Illuminate\Support\Facades\Route;

/** A step that no part of the workbench knows: what a new one has to bring. */
final class ProbeStep extends ControlsStep
{
    public const KEY = 'probe';

    public function key(): string
    {
        return self::KEY;
    }

    public function keywords(): string
    {
        return 'probe plumb line';
    }

    public function panel(Bench $bench, TypedRequest $request): StepPanel
    {
        return new ProbePanel($bench, $request);
    }

    public static function routes(): void
    {
        Route::get('probe/depth', static fn(): string => 'twelve fathoms');
    }
}
