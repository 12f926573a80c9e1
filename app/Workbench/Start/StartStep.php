<?php

declare(strict_types=1);

namespace App\Workbench\Start;

use App\Http\TypedRequest;
use App\Inspection\LogoInspector;
use App\Inspection\LogoProposals;
use App\Looks\Bases;
use App\Workbench\Shell\Bench;
use App\Workbench\Shell\ControlsStep;
use App\Workbench\Shell\StepPanel;
use Ikat\Core\Setting\StepKey;
use Illuminate\Support\Facades\Route;

/** What a look stands on, and the looks of a storefront. */
final class StartStep extends ControlsStep
{
    public function __construct(
        private readonly Bases $bases,
        private readonly LogoInspector $logos,
        private readonly LogoProposals $proposals,
        private readonly PackageWriter $packages,
    ) {}

    public function key(): string
    {
        return StepKey::START;
    }

    public function keywords(): string
    {
        return 'start theme starter looks';
    }

    public function panel(Bench $bench, TypedRequest $request): StepPanel
    {
        return new StartPanel($bench, $request, $this->bases, $this->logos, $this->proposals, $this->packages);
    }

    public static function routes(): void
    {
        Route::get('theme.zip', [PackageController::class, 'export']);
        Route::middleware('can:edit')->group(static function (): void {
            Route::post('base', [StartController::class, 'take']);
            Route::post('upgrade', [StartController::class, 'upgrade']);
            Route::post('themes', [PackageController::class, 'import']);
            Route::post('themes/remove', [PackageController::class, 'remove']);
            Route::post('name', [StartController::class, 'rename']);
            Route::post('copy', [StartController::class, 'copy']);
            Route::post('away', [StartController::class, 'away']);
            Route::post('back', [StartController::class, 'back']);
        });
    }
}
