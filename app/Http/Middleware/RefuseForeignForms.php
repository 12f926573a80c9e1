<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;

/**
 * Cross-site request forgery, stopped by where a form comes from.
 *
 * Shop pages are cached and the same for everybody, so they cannot carry a token. Browsers say in Sec-Fetch-Site where
 * a request starts (W3C Fetch Metadata); older ones at least send Origin. A write with neither is refused.
 */
final class RefuseForeignForms
{
    public function handle(Request $request, Closure $next): Response
    {
        if (! $request->isMethodSafe() && ! $this->comesFromHere($request)) {
            throw new HttpException(419, 'This form was not sent from the shop. Open the page again and send it from there.');
        }

        return $next($request);
    }

    private function comesFromHere(Request $request): bool
    {
        $site = $request->headers->get('Sec-Fetch-Site');
        if ($site !== null) {
            return $site === 'same-origin';
        }

        return in_array($request->headers->get('Origin'), [$request->getSchemeAndHttpHost(), config('app.url')], true);
    }
}
