<?php

declare(strict_types=1);

namespace App\Workbench\Colors;

use App\Http\TypedRequest;
use App\Workbench\Shell\Bench;
use App\Workbench\Shell\Step;
use App\Workbench\Shell\StepPanel;
use Ikat\Core\Check\Finding;
use Ikat\Core\Contrast\ContrastFinding;
use Ikat\Core\Exchange\PaletteFile;
use Ikat\Core\Look\ColorInventory;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\SettingPath;
use Ikat\Core\Setting\StepKey;
use Ikat\Core\Setting\Type\ColorType;
use Ikat\Core\Setting\Type\GradientType;
use Illuminate\Support\Facades\Route;

/** Brand colors, color schemes, and whether what is written in them can be read. */
final class ColorsStep implements Step
{
    public function key(): string
    {
        return StepKey::COLORS;
    }

    public function label(): string
    {
        return 'Colors';
    }

    public function keywords(): string
    {
        return 'colors palette schemes contrast';
    }

    public function panel(Bench $bench, TypedRequest $request): StepPanel
    {
        return new ColorsPanel($bench, $request);
    }

    public function addressOf(Setting $setting, Bench $bench): string
    {
        $of = SettingPath::of($setting->path);
        $tab = match (true) {
            $of->set?->isDark === true, $setting->path === ColorInventory::DARK => 'dark',
            $of->scheme !== null, in_array($setting->path, [ColorInventory::SCHEMES, ColorInventory::SCHEMES_AWAY], true) => 'schemes',
            default => 'brand',
        };

        return self::address(['open_scheme' => $of->scheme, 'open_path' => match (true) {
            $setting->type instanceof ColorType => $setting->path,
            $of->brand !== null => "brand.$of->brand",
            default => null,
        }, 'open_part' => $tab]).($setting->type instanceof GradientType ? '#gradient' : '');
    }

    public function addressOfFinding(Finding $finding, Bench $bench): string
    {
        if ($finding instanceof ContrastFinding) {
            return self::address([
                'open_scheme' => $finding->scheme, 'open_path' => $finding->inkPath, 'open_finding' => $finding->key,
                'open_part' => $finding->set->isDark ? 'dark' : 'schemes',
            ]);
        }

        return $bench->catalog()->has($finding->path()) ? $bench->addressWithin($finding->path()) : $this->key();
    }

    public static function routes(): void
    {
        Route::get('pair', [ColorQuestions::class, 'pair']);
        Route::get('wearer', [ColorQuestions::class, 'wearer']);
        Route::get('shade', [ColorQuestions::class, 'shade']);
        Route::get('gamut.json', [ColorQuestions::class, 'gamut']);
        Route::get('palette.{format}', [PaletteFileController::class, 'export'])->whereIn('format', array_keys(PaletteFile::FORMATS));
        Route::middleware('can:edit')->group(static function (): void {
            Route::post('palette', [PaletteFileController::class, 'import']);
            Route::post('palette/take', [PaletteFileController::class, 'take']);
            Route::post('brand', [SchemeController::class, 'addColor']);
            Route::post('brand/remove', [SchemeController::class, 'removeColor']);
            Route::post('schemes', [SchemeController::class, 'makeScheme']);
            Route::post('schemes/copy', [SchemeController::class, 'copyScheme']);
            Route::post('schemes/remove', [SchemeController::class, 'removeScheme']);
            Route::post('schemes/depart', [SchemeController::class, 'depart']);
            Route::post('schemes/back', [SchemeController::class, 'goBack']);
        });
    }

    /** @param array<string, ?string> $query */
    private static function address(array $query): string
    {
        return StepKey::COLORS.'?'.http_build_query(array_filter($query, static fn(?string $v): bool => $v !== null));
    }
}
