<?php

declare(strict_types=1);

return [
    /** Folder under public/ that holds the stylesheets of releases, by content hash. */
    'files' => env('IKAT_FILES', 'shop-files'),
    /** Names this instance answers to, with commas; what else a request calls it is refused. The host of APP_URL always counts. */
    'hosts' => array_values(array_filter(explode(',', (string) env('IKAT_HOSTS', '')))),
    /** Addresses of proxies whose word about the visitor's address and TLS is taken, with commas. */
    'proxies' => array_values(array_filter(explode(',', (string) env('IKAT_PROXIES', '')))),
    'themes' => base_path('themes'),
    /** Whether anybody who reaches the sign-in page may open a store of their own; `store:open` always does. */
    'open_stores' => (bool) env('IKAT_OPEN_STORES', true),
];
