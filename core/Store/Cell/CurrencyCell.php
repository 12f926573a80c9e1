<?php

declare(strict_types=1);

namespace Ikat\Core\Store\Cell;

use Ikat\Core\Store\Names;
use Ikat\Core\Store\UnreadableCell;

/** The currency prices are in: its three letters of ISO 4217, of those that are counted in hundredths. */
final readonly class CurrencyCell extends WordCell
{
    /** Active codes with two digits after the point. Source: ISO 4217, from memory; a test checks them against ICU's data. */
    public const CODES = [
        'AED', 'ALL', 'AMD', 'ARS', 'AUD', 'AZN', 'BAM', 'BBD', 'BDT', 'BGN', 'BMD', 'BND', 'BOB', 'BRL', 'BSD', 'BWP', 'BYN', 'BZD',
        'CAD', 'CHF',
        'CNY', 'COP', 'CRC', 'CZK', 'DKK', 'DOP', 'DZD', 'EGP', 'ETB', 'EUR', 'FJD', 'GBP', 'GEL', 'GHS', 'GTQ', 'HKD', 'HNL', 'HUF',
        'IDR', 'ILS',
        'INR', 'JMD', 'KES', 'KGS', 'KHR', 'KZT', 'LKR', 'MAD', 'MDL', 'MKD', 'MUR', 'MXN', 'MYR', 'NAD', 'NGN', 'NOK', 'NPR', 'NZD',
        'PAB', 'PEN',
        'PHP', 'PKR', 'PLN', 'QAR', 'RON', 'RSD', 'SAR', 'SEK', 'SGD', 'THB', 'TRY', 'TTD', 'TWD', 'TZS', 'UAH', 'USD', 'UYU', 'ZAR', 'ZMW',
    ];

    public function read(string $typed, Names $names): string
    {
        $code = mb_strtoupper($typed);

        return in_array($code, self::CODES, true)
            ? $code
            : throw new UnreadableCell('Write the three letters of a currency that is counted in hundredths, like USD or EUR.');
    }
}
