<?php

declare(strict_types=1);

use Illuminate\Http\Request;

define('LARAVEL_START', microtime(true));

require __DIR__.'/../app/Http/Csp.php';
require __DIR__.'/../app/Storefront/ShopCookies.php';
require __DIR__.'/../app/Storefront/PageCache.php';
require __DIR__.'/../core/Season/SeasonCalendar.php';
require __DIR__.'/../app/Storefront/CachedPageServer.php';

if (App\Storefront\CachedPageServer::answer(dirname(__DIR__), $_SERVER)) {
    return;
}

require __DIR__.'/../vendor/autoload.php';

(require __DIR__.'/../bootstrap/app.php')->handleRequest(Request::capture());
