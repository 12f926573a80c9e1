<?php

declare(strict_types=1);

use App\Http\Access\LinkController;
use App\Http\Access\OwnController;
use App\Http\Access\PeopleController;
use App\Http\Access\SignInController;
use App\Http\Middleware\ChooseStore;
use App\Http\Workbench\AskController;
use App\Http\Workbench\BaseController;
use App\Http\Workbench\EditController;
use App\Http\Workbench\LogoController;
use App\Http\Workbench\PackageController;
use App\Http\Workbench\PaletteController;
use App\Http\Workbench\PictureController;
use App\Http\Workbench\PublishController;
use App\Http\Workbench\StepController;
use App\Http\Workbench\TaskController;
use App\Http\Workbench\WardrobeController;
use Illuminate\Support\Facades\Route;

Route::get('/', static fn() => redirect('/workbench'));

Route::prefix('workbench')->group(static function (): void {
    Route::middleware('guest')->group(static function (): void {
        Route::get('sign-in', [SignInController::class, 'show'])->name('login');
        Route::post('sign-in', [SignInController::class, 'enter'])->middleware('throttle:sign-in');
        Route::get('second-factor', [SignInController::class, 'factor']);
        Route::post('second-factor', [SignInController::class, 'giveFactor'])->middleware('throttle:second-factor');
        Route::get('forgot', [LinkController::class, 'forgot']);
        Route::post('forgot', [LinkController::class, 'sendReset'])->middleware('throttle:access-letter');
        Route::middleware('throttle:access-link')->where(['token' => '[0-9a-f]{64}'])->group(static function (): void {
            Route::get('reset/{token}', [LinkController::class, 'reset']);
            Route::post('reset/{token}', [LinkController::class, 'keepReset']);
            Route::get('invitation/{token}', [LinkController::class, 'invitation']);
            Route::post('invitation/{token}', [LinkController::class, 'join']);
        });
    });
    Route::middleware(['auth', 'auth.session', ChooseStore::class])->group(static function (): void {
        Route::get('/', [StepController::class, 'first']);
        Route::post('sign-out', [SignInController::class, 'leave']);
        Route::get('account', [OwnController::class, 'show']);
        Route::prefix('account')->middleware('throttle:own')->group(static function (): void {
            Route::post('password', [OwnController::class, 'password']);
            Route::post('sessions', [OwnController::class, 'endSession']);
            Route::post('second-factor/teach', [OwnController::class, 'teach']);
            Route::post('second-factor', [OwnController::class, 'beginFactor']);
            Route::post('second-factor/off', [OwnController::class, 'endFactor']);
        });
        Route::prefix('people')->middleware('can:tend-people')->group(static function (): void {
            Route::get('/', [PeopleController::class, 'show']);
            Route::post('/', [PeopleController::class, 'invite']);
            Route::post('{person}/role', [PeopleController::class, 'role']);
            Route::post('{person}/remove', [PeopleController::class, 'remove']);
            Route::post('{person}/sign-out', [PeopleController::class, 'signOut']);
            Route::post('invitations/{invitation}/withdraw', [PeopleController::class, 'withdraw']);
        });
        Route::get('gamut.json', [AskController::class, 'gamut']);
        Route::prefix('looks/{look}')->group(static function (): void {
            Route::get('find', [AskController::class, 'find']);
            Route::get('reach', [AskController::class, 'reach']);
            Route::get('point', [AskController::class, 'point']);
            Route::get('knot', [AskController::class, 'knot']);
            Route::get('wearer', [AskController::class, 'wearer']);
            Route::get('shade', [AskController::class, 'shade']);
            Route::get('pulse', [AskController::class, 'pulse']);
            Route::get('moment', [AskController::class, 'moment']);
            Route::get('palette.{format}', [PaletteController::class, 'export'])->whereIn('format', array_keys(Ikat\Core\Exchange\PaletteFile::FORMATS));
            Route::get('theme.zip', [PackageController::class, 'export']);
            Route::get('mailbox', [LogoController::class, 'mailbox'])->middleware('can:read-letters');
            Route::get('pictures', [PictureController::class, 'show']);
            Route::get('tasks/{task}', [TaskController::class, 'show']);
            Route::middleware('can:edit')->group(static function (): void {
                Route::post('edits', [EditController::class, 'edit']);
                Route::post('undo', [EditController::class, 'undo']);
                Route::post('redo', [EditController::class, 'redo']);
                Route::post('reopen', [EditController::class, 'reopen']);
                Route::post('original', [EditController::class, 'original']);
                Route::post('base', [BaseController::class, 'take']);
                Route::post('upgrade', [BaseController::class, 'upgrade']);
                Route::post('logo', [LogoController::class, 'upload']);
                Route::post('logo/trim', [LogoController::class, 'trim']);
                Route::post('logo/version', [LogoController::class, 'version']);
                Route::post('logo/colors', [LogoController::class, 'colors']);
                Route::post('palette', [PaletteController::class, 'import']);
                Route::post('palette/take', [PaletteController::class, 'take']);
                Route::post('brand', [WardrobeController::class, 'addColor']);
                Route::post('brand/remove', [WardrobeController::class, 'removeColor']);
                Route::post('schemes', [WardrobeController::class, 'makeScheme']);
                Route::post('schemes/copy', [WardrobeController::class, 'copyScheme']);
                Route::post('schemes/remove', [WardrobeController::class, 'removeScheme']);
                Route::post('themes', [PackageController::class, 'import']);
                Route::post('themes/remove', [PackageController::class, 'remove']);
                Route::post('name', [BaseController::class, 'rename']);
                Route::post('copy', [BaseController::class, 'copy']);
                Route::post('away', [BaseController::class, 'away']);
                Route::post('back', [BaseController::class, 'back']);
                Route::post('tasks/{task}/cancel', [TaskController::class, 'cancel']);
                Route::post('pictures', [PictureController::class, 'add'])->name('pictures.add');
                Route::post('pictures/{picture}', [PictureController::class, 'describe'])->name('pictures.describe');
                Route::post('pictures/{picture}/file', [PictureController::class, 'replace'])->name('pictures.replace');
                Route::post('pictures/{picture}/back', [PictureController::class, 'bringBack'])->name('pictures.back');
            });
            Route::middleware('can:publish')->group(static function (): void {
                Route::post('publish', [PublishController::class, 'publish']);
                Route::post('releases/{release}/live', [PublishController::class, 'restore']);
            });
            Route::get('{step}', [StepController::class, 'show'])->whereIn('step', array_column(Ikat\Core\Look\Step::cases(), 'value'));
        });
    });
});
