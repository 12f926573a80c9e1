<?php

declare(strict_types=1);

namespace App\Storefront;

/** Every page of a shop has one address: small letters without accents, nothing encoded that need not be, no blank or slash at its end. */
final class CanonicalAddress
{
    /**
     * @param string $path as it was asked for, still encoded, without its query
     *
     * @return string the one address; the same again for itself
     */
    public static function of(string $path): string
    {
        $segments = [];
        foreach (explode('/', rawurldecode($path)) as $segment) {
            $plain = trim(self::unaccented(mb_strtolower(mb_scrub($segment))));
            if ($plain !== '' && $plain !== '.' && $plain !== '..') {
                $segments[] = rawurlencode($plain);
            }
        }
        $isHome = count($segments) === 2 && $segments[0] === 'shop';

        return '/'.implode('/', $segments).($isHome ? '/' : '');
    }

    private static function unaccented(string $text): string
    {
        $apart = \Normalizer::normalize($text, \Normalizer::FORM_KD);

        return $apart === false ? $text : mb_strtolower((string) preg_replace('/\p{Mn}+/u', '', $apart));
    }
}
