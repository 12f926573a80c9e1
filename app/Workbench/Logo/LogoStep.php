<?php

declare(strict_types=1);

namespace App\Workbench\Logo;

use App\Http\TypedRequest;
use App\Inspection\LogoInspector;
use App\Inspection\LogoProposals;
use App\Workbench\Shell\Bench;
use App\Workbench\Shell\ControlsStep;
use App\Workbench\Shell\StepPanel;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\StepKey;
use Illuminate\Support\Facades\Route;

/** The logo, the icons made from it, and the logo of e-mails. */
final class LogoStep extends ControlsStep
{
    public function __construct(private readonly LogoInspector $logos, private readonly LogoProposals $proposals) {}

    public function key(): string
    {
        return StepKey::LOGO;
    }

    public function panel(Bench $bench, TypedRequest $request): StepPanel
    {
        return new LogoPanel($bench, $request, $this->logos, $this->proposals);
    }

    public function addressOf(Setting $setting, Bench $bench): string
    {
        // Some controls stand in the panel only while they have an effect: who looks for one sees it all the same.
        return $this->key().'?'.http_build_query(['open_control' => $setting->path]).'#c-'.str_replace('.', '-', $setting->path);
    }

    public static function routes(): void
    {
        Route::get('mailbox', [LogoController::class, 'mailbox'])->middleware('can:read-letters');
        Route::middleware('can:edit')->group(static function (): void {
            Route::post('logo', [LogoController::class, 'upload']);
            Route::post('logo/trim', [LogoController::class, 'trim']);
            Route::post('logo/version', [LogoController::class, 'version']);
            Route::post('logo/colors', [LogoController::class, 'colors']);
        });
    }
}
