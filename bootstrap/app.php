<?php

declare(strict_types=1);

use App\Http\Middleware\SecurityHeaders;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/workbench.php',
        commands: __DIR__.'/../routes/console.php',
        then: static function (): void {
            require __DIR__.'/../routes/shop.php';
        },
    )
    ->withCommands([__DIR__.'/../app/Console'])
    ->withMiddleware(static function (Middleware $middleware): void {
        $middleware->remove(HandleCors::class);
        $middleware->append(SecurityHeaders::class);
        $middleware->redirectGuestsTo('/workbench/sign-in');
        $middleware->redirectUsersTo('/workbench');
        $middleware->encryptCookies(except: App\Shop\ShopCookies::ALL);
    })
    ->withExceptions(static function (Exceptions $exceptions): void {
        App\Http\ErrorAnswers::register($exceptions);
    })
    ->create();
