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
        foreach (Csp::headersFor($request->path().'/') as $name => $value) {
            $response->headers->set($name, $value);
        }

        return $response;
    }
}
