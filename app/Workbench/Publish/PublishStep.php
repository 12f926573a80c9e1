<?php

declare(strict_types=1);

namespace App\Workbench\Publish;

use App\Http\TypedRequest;
use App\Looks\JournalReader;
use App\Workbench\Shell\Bench;
use App\Workbench\Shell\ControlsStep;
use App\Workbench\Shell\StepPanel;
use Illuminate\Support\Facades\Route;

/** Making a look live, and going back. */
final class PublishStep extends ControlsStep
{
    public const KEY = 'publish';

    public function __construct(private readonly JournalReader $journal) {}

    public function key(): string
    {
        return self::KEY;
    }

    public function keywords(): string
    {
        return 'publish release live go out review journal history earlier point';
    }

    public function panel(Bench $bench, TypedRequest $request): StepPanel
    {
        return new PublishPanel($bench, $request, $this->journal);
    }

    public static function routes(): void
    {
        Route::middleware('can:publish')->group(static function (): void {
            Route::post('publish', [PublishController::class, 'publish']);
            Route::post('releases/{release}/live', [PublishController::class, 'restore']);
        });
        Route::middleware('can:edit')->post('points/name', [PublishController::class, 'name']);
    }
}
