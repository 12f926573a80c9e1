<?php

declare(strict_types=1);

namespace App\Http;

/**
 * Security headers of every answer. Plain PHP: the front door sends them before the framework is loaded.
 *
 * Both run only files of their own; the shop needs none to be used.
 */
final class Csp
{
    private const SHOP = "default-src 'none'; script-src 'self'; connect-src 'self'; media-src 'self'; style-src 'self'; img-src 'self'; "
        ."font-src 'self'; manifest-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'self'";
    private const WORKBENCH = "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self'; font-src 'self'; media-src 'self'; "
        ."connect-src 'self'; frame-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'";

    /**
     * @param bool $isSecure whether the answer goes out over TLS: then the browser is told to ask in no other way (RFC 6797)
     *
     * @return array<string, string>
     */
    public static function headersFor(string $path, bool $isSecure = false): array
    {
        $isShop = (bool) preg_match('#^/?(shop|preview)/#', $path);

        return [
            ...$isSecure ? ['Strict-Transport-Security' => 'max-age=31536000; includeSubDomains'] : [],
            'Content-Security-Policy' => $isShop ? self::SHOP : self::WORKBENCH,
            'X-Content-Type-Options' => 'nosniff',
            'Referrer-Policy' => 'same-origin',
            'Cross-Origin-Opener-Policy' => 'same-origin',
            'Permissions-Policy' => 'camera=(), geolocation=(), microphone=()',
        ];
    }
}
