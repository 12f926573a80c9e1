<?php

declare(strict_types=1);

// Router of PHP's command-line server: files are its own business, everything else is the application's.
$path = rawurldecode((string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH));
if ($path !== '/' && ! str_contains($path, '..') && is_file(__DIR__.'/public'.$path)) {
    // Fonts and release files never change under their names, pictures hardly ever: a browser need not ask twice.
    $types = ['woff2' => 'font/woff2', 'css' => 'text/css; charset=UTF-8', 'webp' => 'image/webp', 'avif' => 'image/avif', 'svg' => 'image/svg+xml', 'js' => 'text/javascript; charset=UTF-8'];
    $type = $types[pathinfo($path, PATHINFO_EXTENSION)] ?? null;
    if ($type === null) {
        return false;
    }
    $lasts = preg_match('#^/(fonts|shop-files[a-z-]*)/#', $path) === 1 ? 'public, max-age=31536000, immutable' : (str_starts_with($path, '/pictures/') ? 'public, max-age=604800' : 'no-cache');
    header("Content-Type: $type");
    header("Cache-Control: $lasts");
    header('X-Content-Type-Options: nosniff');
    header('Content-Length: '.filesize(__DIR__.'/public'.$path));
    readfile(__DIR__.'/public'.$path);

    return;
}
$_SERVER['SCRIPT_FILENAME'] = __DIR__.'/public/index.php';
$_SERVER['SCRIPT_NAME'] = '/index.php';

require __DIR__.'/public/index.php';
