<?php

declare(strict_types=1);

namespace App\Http;

use Ikat\Core\Look\LookException;
use Ikat\Core\Look\StaleEdit;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;

/** What a person sees when something cannot be done: a sentence that says what to do, never a stack trace. */
final class ErrorAnswers
{
    private const WORDS = [
        403 => 'Your role does not allow this. Ask an owner of the store.',
        404 => 'There is nothing at this address. It may have been removed.',
        405 => 'This address does not take that kind of request. Go back and try again.',
        413 => 'That is too heavy to take in. Choose a file of at most 12 MB.',
        419 => 'This page has been open too long. Load it again; what you had kept is still there.',
        429 => 'Too many tries. Wait a minute, then try again.',
        500 => 'Something went wrong on our side. Nothing you kept is lost. Try again; if it happens again, tell us the time.',
    ];

    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport([LookException::class]);
        $exceptions->render(static fn(LookException $e, Request $request): ?Response => $request->is('workbench/*') ? self::refusal($e) : null);
        $exceptions->render(static fn(\Illuminate\Validation\ValidationException $e, Request $request): ?Response => $request->hasHeader('HX-Request')
            ? response($e->validator->errors()->first(), 422, ['Content-Type' => 'text/plain; charset=UTF-8']) : null);
        $exceptions->render(static function (HttpExceptionInterface $e, Request $request): ?Response {
            $status = $e->getStatusCode();
            $words = $status === 419 && $e->getMessage() !== '' && $e->getMessage() !== 'CSRF token mismatch.' ? $e->getMessage() : (self::WORDS[$status] ?? self::WORDS[500]);
            if ($request->expectsJson()) {
                return null;
            }

            return $request->hasHeader('HX-Request')
                ? response($words, $status, ['Content-Type' => 'text/plain; charset=UTF-8', ...$e->getHeaders()])
                : response()->view('error', ['status' => $status, 'words' => $words], $status, $e->getHeaders());
        });
        $exceptions->render(static function (\Throwable $e, Request $request): ?Response {
            if (config('app.debug') || $e instanceof \Illuminate\Auth\AuthenticationException || $e instanceof \Illuminate\Validation\ValidationException || $e instanceof HttpExceptionInterface || $e instanceof \Illuminate\Http\Exceptions\HttpResponseException) {
                return null;
            }

            return response()->view('error', ['status' => 500, 'words' => self::WORDS[500]], 500);
        });
    }

    private static function refusal(LookException $e): Response
    {
        return $e instanceof StaleEdit
            ? response()->view('workbench.stale', ['stale' => $e], 409)
            : response($e->getMessage(), 422, ['Content-Type' => 'text/plain; charset=UTF-8']);
    }
}
