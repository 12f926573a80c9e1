<?php

declare(strict_types=1);

namespace App\Workbench\Storeroom;

use App\Http\TypedRequest;
use App\Storeroom\RecordLister;
use App\Storeroom\StoreNames;
use App\Workbench\Shell\Bench;
use App\Workbench\Shell\StandsApart;
use App\Workbench\Shell\Step;
use App\Workbench\Shell\StepPanel;
use Ikat\Core\Check\Finding;
use Ikat\Core\Setting\Setting;
use Illuminate\Support\Facades\Route;

/** The back office: what the store sells and says, as tables. */
final class StoreroomStep implements Step, StandsApart
{
    public function __construct(private readonly RecordLister $lister, private readonly StoreNames $names) {}

    public function key(): string
    {
        return 'storeroom';
    }

    public function label(): string
    {
        return 'Storeroom';
    }

    public function keywords(): string
    {
        return 'goods products prices stock categories menus pages promotion codes coupons delivery shipping back office';
    }

    public function panel(Bench $bench, TypedRequest $request): StepPanel
    {
        return new StoreroomPanel($bench, $request, $this->lister, $this->names);
    }

    public function addressOf(Setting $setting, Bench $bench): string
    {
        return $this->key();
    }

    public function addressOfFinding(Finding $finding, Bench $bench): string
    {
        return $this->key();
    }

    public static function routes(): void
    {
        Route::middleware('can:edit')->prefix('storeroom')->group(static function (): void {
            Route::post('cells', [StoreroomController::class, 'cells']);
            Route::post('many', [StoreroomController::class, 'many']);
            Route::post('new', [StoreroomController::class, 'add']);
            Route::post('delete', [StoreroomController::class, 'delete']);
            Route::post('move', [StoreroomController::class, 'move']);
            Route::post('undo', [StoreroomController::class, 'undo']);
            Route::post('redo', [StoreroomController::class, 'redo']);
        });
    }
}
