<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Csp;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

final class SecurityHeaders
{
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        if ($request->is('workbench', 'workbench/*') && ! $response->headers->hasCacheControlDirective('max-age')) {
            // What is somebody's own is kept by no browser and no proxy.
            $response->headers->set('Cache-Control', 'no-store');
        }
        foreach (Csp::headersFor($request->path().'/', $request->isSecure()) as $name => $value) {
            $response->headers->set($name, $value);
        }

        return $response;
    }
}
