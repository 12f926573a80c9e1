<?php

declare(strict_types=1);

// Asks the front door for a page at a Unix time: php front-door.php TIME. Prints the page, or "framework" when it passes the request on.
require dirname(__DIR__, 2).'/app/Http/Csp.php';
require dirname(__DIR__, 2).'/app/Storefront/ShopCookies.php';
require dirname(__DIR__, 2).'/app/Storefront/PageCache.php';
require dirname(__DIR__, 2).'/app/Storefront/CachedPageServer.php';
require dirname(__DIR__, 2).'/core/Season/SeasonCalendar.php';

echo App\Storefront\CachedPageServer::answer(
    dirname(__DIR__, 2),
    ['REQUEST_METHOD' => 'GET', 'REQUEST_URI' => '/shop/wrenfold/page/returns', 'REQUEST_TIME' => (int) $argv[1]],
)
    ? ''
    : 'framework';
