<?php

declare(strict_types=1);

namespace App\Storefront;

use Closure;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Leads a visitor who came by another spelling of an address to the one it has. */
final class OneAddress
{
    public function handle(Request $request, Closure $next): Response
    {
        [$path, $query] = [...explode('?', $request->server->getString('REQUEST_URI', '/'), 2), ''];
        if ($request->isMethodSafe() && preg_match('#^/+shop(/|%2f|$)#i', $path) === 1) {
            $canonical = CanonicalAddress::of($path);
            if ($canonical !== $path) {
                return new RedirectResponse($canonical.($query === '' ? '' : "?$query"), 301);
            }
        }

        return $next($request);
    }
}
