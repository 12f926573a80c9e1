<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\CurrentStore;
use App\Models\User;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Scopes every query of a workbench request to the signed-in person's store. */
final class ChooseStore
{
    public function __construct(private readonly CurrentStore $store) {}

    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        if ($user instanceof User) {
            $this->store->is($user->store_id);
        }

        return $next($request);
    }
}
