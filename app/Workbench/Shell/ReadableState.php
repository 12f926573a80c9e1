<?php

declare(strict_types=1);

namespace App\Workbench\Shell;

use App\Http\TypedRequest;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;

/**
 * What the bench is open at goes along with every edit, and is read to answer it. Where it cannot be read nothing is begun: an edit
 * that was kept is never answered as refused.
 */
final class ReadableState
{
    private const STATE = '/^(step|shown|held|open_[a-z_]+)$/D';

    /** @throws ValidationException */
    public function handle(Request $request, Closure $next): Response
    {
        $typed = TypedRequest::createFrom($request);
        foreach (array_keys([...$request->query->all(), ...$request->request->all()]) as $key) {
            if (preg_match(self::STATE, (string) $key) === 1) {
                $typed->word((string) $key, '', HeldSections::MOST);
            }
        }

        return $next($request);
    }
}
