<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/**
 * Before anything else: what is not readable text (UTF-8 without NUL) is refused, and cookies nobody here writes are dropped.
 *
 * A database, a regular expression and a JSON answer each fail on such bytes in a way of its own; none of them sees any.
 */
final class ReadableInput
{
    private const DEPTH = 6;

    public function handle(Request $request, Closure $next): Response
    {
        if (! self::isText(rawurldecode($request->getPathInfo()))) {
            throw new NotFoundHttpException();
        }
        foreach ([$request->query->all(), $request->request->all()] as $values) {
            if (! self::isReadable($values)) {
                throw new HttpException(
                    422,
                    'What was sent holds characters that cannot be read. Nothing was changed; go back and write them again.',
                );
            }
        }
        foreach ($request->cookies->all() as $name => $value) {
            if (! is_string($value) || ! self::isText($value)) {
                $request->cookies->remove($name);
            }
        }

        return $next($request);
    }

    /** @param array<array-key, mixed> $values */
    private static function isReadable(array $values, int $depth = self::DEPTH): bool
    {
        foreach ($values as $key => $value) {
            $isFine = is_array($value) ? $depth > 0 && self::isReadable($value, $depth - 1) : ! is_string($value) || self::isText($value);
            if (! $isFine || ! self::isText((string) $key)) {
                return false;
            }
        }

        return true;
    }

    private static function isText(string $text): bool
    {
        return ! str_contains($text, "\0") && mb_check_encoding($text, 'UTF-8');
    }
}
