<?php

declare(strict_types=1);

namespace App\Storefront;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Takes the language out of an address: /shop/wrenfold/de/cart is /shop/wrenfold/cart, asked for in German. What a shop speaks is for
 * those to know who answer; its first language has no such part.
 */
final class SpokenPath
{
    /** What is asked for, as an attribute of the request. */
    public const LANGUAGE = 'language';

    /** The path as it was asked for. */
    public const ASKED = 'asked path';

    private const PATTERN = '#^(/shop/[^/]+|/preview/\d+/[^/]+/shop/[^/]+)/([a-z]{2})(/.*)?$#D';

    public function handle(Request $request, Closure $next): Response
    {
        $asked = $request->getPathInfo();
        if (preg_match(self::PATTERN, $asked, $m) === 1) {
            $query = $request->getQueryString();
            $path = $m[1].($m[3] ?? '/');
            $spoken = $request->duplicate(null, null, null, null, null, [
                ...$request->server->all(), 'REQUEST_URI' => $path.($query === null ? '' : "?$query"),
            ]);
            $spoken->attributes->set(self::LANGUAGE, $m[2]);
            $spoken->attributes->set(self::ASKED, $asked);
            $request = $spoken;
        }

        return $next($request);
    }

    public static function language(Request $request): string
    {
        return $request->attributes->getString(self::LANGUAGE);
    }

    public static function asked(Request $request): string
    {
        return $request->attributes->getString(self::ASKED) ?: $request->getPathInfo();
    }

    /** The path within the storefront that is asked for, whatever the language: what can be asked for in others. */
    public static function within(Request $request): string
    {
        $segments = explode('/', (string) preg_replace('#^/preview/\d+/[^/]+#', '', $request->getPathInfo()), 4);

        return '/'.($segments[3] ?? '');
    }
}
