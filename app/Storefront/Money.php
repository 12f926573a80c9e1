<?php

declare(strict_types=1);

namespace App\Storefront;

final class Money
{
    /** @var array<int, \NumberFormatter> by number of digits */
    private static array $formatters = [];

    /** @param int $cents whole cents; cents are left out when there are none, as on the shop's price cards */
    public static function short(int $cents, string $currency): string
    {
        return $cents % 100 === 0 ? self::format($cents, $currency, 0) : self::format($cents, $currency, 2);
    }

    public static function exact(int $cents, string $currency): string
    {
        return self::format($cents, $currency, 2);
    }

    private static function format(int $cents, string $currency, int $digits): string
    {
        $formatter = self::$formatters[$digits] ??= new \NumberFormatter('en_US', \NumberFormatter::CURRENCY);
        $formatter->setAttribute(\NumberFormatter::FRACTION_DIGITS, $digits);

        return (string) $formatter->formatCurrency($cents / 100, $currency);
    }
}
