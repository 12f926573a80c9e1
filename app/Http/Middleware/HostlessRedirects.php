<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Redirects within Ikat name a path only (RFC 9110, 10.2.2): whatever a web server makes of the host, a visitor stays where they are. */
final class HostlessRedirects
{
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $root = $request->getSchemeAndHttpHost();
        foreach (['Location', 'HX-Redirect'] as $name) {
            $to = (string) $response->headers->get($name);
            if (str_starts_with($to, "$root/") || $to === $root) {
                $response->headers->set($name, substr($to, strlen($root)) ?: '/');
            }
        }

        return $response;
    }
}
