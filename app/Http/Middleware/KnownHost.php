<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** Which hosts this is, configuration says and no request: addresses in letters and redirects are made of it. */
final class KnownHost
{
    public function handle(Request $request, Closure $next): Response
    {
        $known = [(string) parse_url((string) config('app.url'), PHP_URL_HOST), ...config('ikat.hosts')];
        $host = parse_url('http://'.$request->headers->get('Host', '').'/', PHP_URL_HOST);
        if (! is_string($host) || ! in_array(strtolower($host), $known, true)) {
            throw new HttpException(421, 'This is not the address of this shop.');
        }

        return $next($request);
    }
}
