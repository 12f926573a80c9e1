<?php

declare(strict_types=1);

namespace App\Errors;

use App\Files\Unwritten;
use App\Storefront\PageCache;
use App\Storefront\PublicShop;
use App\Storefront\ShopContext;
use App\Storefront\ShopTrouble;
use Ikat\Core\Look\StaleEdit;
use Ikat\Core\Setting\LookException;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\Exceptions\HttpResponseException;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;

/** What a person sees when something cannot be done: a sentence that says what to do, never a stack trace or the name of a class. */
final class ErrorAnswers
{
    private const WORDS = [
        403 => 'Your role does not allow this. Ask an owner of the store.',
        404 => 'There is nothing at this address. It may have been removed.',
        405 => 'This address does not take that kind of request. Go back and try again.',
        413 => 'That is too heavy to take in. Choose a file of at most 12 MB.',
        419 => 'This page has been open too long. Load it again; what you had kept is still there.',
        422 => 'What was sent cannot be read. Nothing was changed; go back and try again.',
        429 => 'Too many tries. Wait a minute, then try again.',
        500 => 'Something went wrong on our side, and your change was not kept. Nothing kept before is lost. Try again; if it happens '
            .'again, tell us the time.',
        503 => 'The database does not answer just now, so your change was not kept. Nothing kept before is lost. Try again in a moment.',
    ];

    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport([LookException::class]);
        $exceptions->render(static function (\Throwable $e, Request $request): ?Response {
            // These lead somewhere: to the sign-in, or where the answer itself says.
            if ($e instanceof AuthenticationException || $e instanceof HttpResponseException) {
                return null;
            }
            if ($e instanceof LookException && $request->is('workbench/*')) {
                return self::refusal($e);
            }
            $status = self::status($e);
            if ($status === 500 && config('app.debug') === true) {
                return null;
            }
            $headers = $e instanceof HttpExceptionInterface ? $e->getHeaders() : ($status === 503 ? ['Retry-After' => '10'] : []);

            return self::isShop($request)
                ? self::forCustomers($status, $request, $headers)
                : self::forTheWorkbench($status, self::words($e, $status), $request, $headers);
        });
    }

    private static function status(\Throwable $e): int
    {
        return match (true) {
            $e instanceof ValidationException => 422,
            $e instanceof HttpExceptionInterface => $e->getStatusCode(),
            self::isDatabaseAway($e) => 503,
            $e instanceof Unwritten => 507,
            default => 500,
        };
    }

    /** Refused, gone away, lost, shutting down, or not there in time (MariaDB's client errors 2002, 2006 and 2013, server error 1053). */
    private static function isDatabaseAway(\Throwable $e): bool
    {
        // A query in a template is told of by the template's own exception, and that by the one before it.
        for ($pdo = $e; $pdo !== null && ! ($pdo instanceof \PDOException && ! $pdo instanceof QueryException); $pdo = $pdo->getPrevious());

        return $pdo !== null && preg_match(
            '/\b(1040|1053|1927|2002|2003|2006|2013)\b|gone away|Connection refused|Lost connection/',
            $pdo->getMessage(),
        ) === 1;
    }

    private static function words(\Throwable $e, int $status): string
    {
        return match (true) {
            $e instanceof ValidationException => (string) $e->validator->errors()->first(),
            $e instanceof Unwritten => $e->getMessage(),
            // Sentences of our own, for those who sent a form; the framework's are not shown.
            in_array($status, [419, 422], true)
                && $e->getMessage() !== ''
                && $e->getMessage() !== 'CSRF token mismatch.' => $e->getMessage(),
            default => self::WORDS[$status] ?? self::WORDS[$status >= 500 ? 500 : 422],
        };
    }

    private static function isShop(Request $request): bool
    {
        return $request->is('shop/*', 'shop', '*/shop/*');
    }

    /** @param array<string, string> $headers */
    private static function forCustomers(int $status, Request $request, array $headers): Response
    {
        $headers += ['Cache-Control' => 'no-store'];
        $words = ShopTrouble::words($status);
        if ($status !== 503 && app()->bound(ShopContext::class)) {
            try {
                return response(
                    PublicShop::stripped(view(
                        $status === 404 ? 'shop.nowhere' : 'shop.trouble',
                        ['shop' => app(ShopContext::class), 'status' => $status, 'words' => $words],
                    )->render()),
                    $status,
                    $headers,
                );
            } catch (\Throwable) {
                // The look itself is what fails: the page below needs none.
            }
        }
        $kept = preg_match('#(?:^|/)shop/([a-z0-9-]+)#', $request->path(), $m) === 1 ? app(PageCache::class)->unavailable($m[1]) : null;

        return $status === 503 && $kept !== null
            ? response($kept, 503, $headers)
            : response()->view('shop-error', ['words' => $words], $status, $headers);
    }

    /** @param array<string, string> $headers */
    private static function forTheWorkbench(int $status, string $words, Request $request, array $headers): Response
    {
        $headers += ['Cache-Control' => 'no-store'];
        if ($request->expectsJson() && ! $request->hasHeader('HX-Request')) {
            return response((string) json_encode(['message' => $words]), $status, ['Content-Type' => 'application/json', ...$headers]);
        }

        return $request->hasHeader('HX-Request')
            ? response($words, $status, ['Content-Type' => 'text/plain; charset=UTF-8', ...$headers])
            : response()->view('error', ['status' => $status, 'words' => $words], $status, $headers);
    }

    private static function refusal(LookException $e): Response
    {
        return $e instanceof StaleEdit
            ? response()->view('workbench.shell.stale', ['stale' => $e, 'theirs' => $e->theirsInWords, 'yours' => $e->yoursInWords], 409)
            : response($e->getMessage(), 422, ['Content-Type' => 'text/plain; charset=UTF-8']);
    }
}
