<?php

declare(strict_types=1);

use App\Access\LinkController;
use App\Access\OwnController;
use App\Access\PeopleController;
use App\Access\SignInController;
use App\Http\Middleware\ChooseStore;
use App\Workbench\Library\PictureController;
use App\Workbench\Library\TaskController;
use App\Workbench\Shell\EditController;
use App\Workbench\Shell\QuestionController;
use App\Workbench\Shell\ReadableState;
use App\Workbench\Shell\SelectionController;
use App\Workbench\Shell\StepController;
use App\Workbench\StepList;
use App\Workbench\Storeroom\OpenStoreController;
use Illuminate\Support\Facades\Route;

Route::get('/', static fn() => redirect('/workbench'));

Route::prefix('workbench')->group(static function (): void {
    Route::middleware('guest')->group(static function (): void {
        Route::get('sign-in', [SignInController::class, 'show'])->name('login');
        Route::post('sign-in', [SignInController::class, 'enter'])->middleware('throttle:sign-in');
        Route::get('second-factor', [SignInController::class, 'factor']);
        Route::post('second-factor', [SignInController::class, 'giveFactor'])->middleware('throttle:second-factor');
        Route::get('open', [OpenStoreController::class, 'show']);
        Route::post('open', [OpenStoreController::class, 'open'])->middleware('throttle:open-store');
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
        Route::prefix('looks/{look}')->middleware(ReadableState::class)->group(static function (): void {
            Route::get('find', [QuestionController::class, 'find']);
            Route::get('reach', [QuestionController::class, 'reach']);
            Route::get('selected', [SelectionController::class, 'show']);
            Route::get('offers', [QuestionController::class, 'offers']);
            Route::get('pulse', [QuestionController::class, 'pulse']);
            Route::get('told', [QuestionController::class, 'told']);
            Route::get('moment', [QuestionController::class, 'moment']);
            Route::get('pictures', [PictureController::class, 'show']);
            Route::get('tasks/{task}', [TaskController::class, 'show']);
            Route::middleware('can:edit')->group(static function (): void {
                Route::post('edits', [EditController::class, 'edit']);
                Route::post('undo', [EditController::class, 'undo']);
                Route::post('redo', [EditController::class, 'redo']);
                Route::post('reopen', [EditController::class, 'reopen']);
                Route::post('original', [EditController::class, 'original']);
                Route::post('tasks/{task}/cancel', [TaskController::class, 'cancel']);
                Route::post('pictures', [PictureController::class, 'add']);
            });
            foreach (StepList::ALL as $step) {
                $step::routes();
            }
            Route::get('{step}', [StepController::class, 'show'])->where('step', '[a-z]{1,20}');
        });
    });
});
