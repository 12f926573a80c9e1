<?php

declare(strict_types=1);

namespace App\Storefront;

final class Money
{
    private const LOCALE = 'en_US';

    /** @var array<string, \NumberFormatter> by language and number of digits */
    private static array $formatters = [];

    /** @param int $cents whole cents; cents are left out when there are none, as on the shop's price cards */
    public static function short(int $cents, string $currency, string $locale = self::LOCALE): string
    {
        return self::format($cents, $currency, $cents % 100 === 0 ? 0 : 2, $locale);
    }

    public static function exact(int $cents, string $currency, string $locale = self::LOCALE): string
    {
        return self::format($cents, $currency, 2, $locale);
    }

    private static function format(int $cents, string $currency, int $digits, string $locale): string
    {
        $formatter = self::$formatters["$locale $digits"] ??= new \NumberFormatter($locale, \NumberFormatter::CURRENCY);
        $formatter->setAttribute(\NumberFormatter::FRACTION_DIGITS, $digits);

        return (string) $formatter->formatCurrency($cents / 100, $currency);
    }
}
