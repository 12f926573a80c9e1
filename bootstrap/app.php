<?php

declare(strict_types=1);

use App\Http\Middleware\HostlessRedirects;
use App\Http\Middleware\KnownHost;
use App\Http\Middleware\ReadableInput;
use App\Http\Middleware\SecurityHeaders;
use App\Storefront\OneAddress;
use App\Storefront\SpokenPath;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;

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
        $middleware->prepend(SpokenPath::class);
        $middleware->prepend(OneAddress::class);
        $middleware->prepend(KnownHost::class);
        $middleware->prepend(ReadableInput::class);
        $middleware->prepend(HostlessRedirects::class);
        // The outermost of all: what is refused before it reaches anything is answered with headers too.
        $middleware->prepend(SecurityHeaders::class);
        $middleware->trustProxies(headers: Request::HEADER_X_FORWARDED_FOR | Request::HEADER_X_FORWARDED_PROTO);
        $middleware->redirectGuestsTo('/workbench/sign-in');
        $middleware->redirectUsersTo('/workbench');
        // The window shows the shop's own pages, which carry no token: RefuseForeignForms guards their forms, as it does in the shop.
        $middleware->validateCsrfTokens(except: ['preview/*']);
        $middleware->encryptCookies(except: App\Storefront\ShopCookies::ALL);
    })
    ->withExceptions(static function (Exceptions $exceptions): void {
        App\Errors\ErrorAnswers::register($exceptions);
    })
    ->create();
