<?php

declare(strict_types=1);

namespace App\Workbench\Fonts;

use App\Fonts\FamilyHistory;
use App\Fonts\FontFiles;
use App\Fonts\OwnFonts;
use App\Http\TypedRequest;
use App\Workbench\Shell\Bench;
use App\Workbench\Shell\ControlsStep;
use App\Workbench\Shell\StepPanel;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\StepKey;
use Ikat\Core\Type\Voice;
use Illuminate\Support\Facades\Route;

/** The voices of a shop: each on a staff from the smallest phone to the widest desktop, and the shelf of families. */
final class FontsStep extends ControlsStep
{
    public function __construct(
        private readonly FontFiles $files,
        private readonly FamilyHistory $history,
        private readonly OwnFonts $own,
    ) {}

    public function key(): string
    {
        return StepKey::FONTS;
    }

    public function keywords(): string
    {
        return 'fonts type typeface letters families voices pair size weight shapes corners border shadow button';
    }

    public function panel(Bench $bench, TypedRequest $request): StepPanel
    {
        return $request->word('open_shapes') !== ''
            ? new ShapesPanel($bench, $request)
            : new FontsPanel($bench, $request, $this->files, $this->history, $this->own);
    }

    public function addressOf(Setting $setting, Bench $bench): string
    {
        if (str_starts_with($setting->path, 'shape.')) {
            return $this->key().'?open_shapes=yes#c-'.str_replace('.', '-', $setting->path);
        }
        $voice = Voice::ofPath($setting->path) ?? Voice::Heading;

        return $this->key()."?open_voice=$voice->value#c-".str_replace('.', '-', $setting->path);
    }

    public static function routes(): void
    {
        Route::get('shelf.css', [ShelfController::class, 'stylesheet']);
        Route::middleware('can:edit')->group(static function (): void {
            Route::post('families/mark', [ShelfController::class, 'mark']);
            Route::post('families/own', [OwnFontController::class, 'add']);
            Route::post('families/own/{font}/remove', [OwnFontController::class, 'remove']);
        });
    }
}
