<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'database'),
    'lifetime' => 480,
    'expire_on_close' => false,
    'encrypt' => true,
    'connection' => null,
    'table' => 'sessions',
    'lottery' => [2, 100],
    'cookie' => 'ikat_session',
    'path' => '/',
    'domain' => null,
    // Null: the cookie of a page that came over TLS travels over TLS alone; loopback is served over plain HTTP.
    'secure' => null,
    'http_only' => true,
    'same_site' => 'lax',
];
