<?php

declare(strict_types=1);

namespace App\Workbench\Products;

use App\Http\TypedRequest;
use App\Workbench\Shell\Bench;
use App\Workbench\Shell\ControlsStep;
use App\Workbench\Shell\StepPanel;
use Ikat\Core\Setting\StepKey;
use Illuminate\Support\Facades\Route;

/** Shelves of products, the card of each, and the page of one. */
final class ProductsStep extends ControlsStep
{
    public function key(): string
    {
        return StepKey::PRODUCTS;
    }

    public static function routes(): void
    {
        Route::middleware('can:edit')->group(static function (): void {
            Route::post('products/lighten', [LightenController::class, 'begin']);
        });
    }

    public function keywords(): string
    {
        return 'products shelf grid columns rows card last row even page';
    }

    public function panel(Bench $bench, TypedRequest $request): StepPanel
    {
        return new ProductsPanel($bench, $request);
    }
}
