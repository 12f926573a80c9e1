<?php

declare(strict_types=1);

use Illuminate\Http\Request;

define('LARAVEL_START', microtime(true));

require __DIR__.'/../app/Http/Csp.php';
require __DIR__.'/../app/Shop/ShopCookies.php';
require __DIR__.'/../app/Shop/PageCache.php';
require __DIR__.'/../core/Season/SeasonCalendar.php';
require __DIR__.'/../app/Shop/FrontDoor.php';

if (App\Shop\FrontDoor::answer(dirname(__DIR__), $_SERVER)) {
    return;
}

require __DIR__.'/../vendor/autoload.php';

(require __DIR__.'/../bootstrap/app.php')->handleRequest(Request::capture());
