<?php

declare(strict_types=1);

namespace Ikat\Core\Store\Cell;

use Ikat\Core\Store\Names;
use Ikat\Core\Store\UnreadableCell;

/** A sum of money in whole cents: read with a point or a comma before the cents, with or without signs of thousands and of the currency. */
final readonly class MoneyCell implements CellType
{
    /** Cents of the largest sum: ten million whole units. */
    public const MOST = 1_000_000_000;

    public function read(string $typed, Names $names): int
    {
        return self::cents($typed);
    }

    /** @throws UnreadableCell */
    public static function cents(string $typed): int
    {
        // Signs of a currency, its three letters, and blanks of any width stand around figures or between their thousands.
        $bare = (string) preg_replace('/[\p{Sc}\s\x{00A0}\x{202F}\x{2019}\']+|^[A-Z]{3}|[A-Z]{3}$/u', '', $typed);
        if (preg_match('/^-/', $bare) === 1) {
            throw new UnreadableCell('A price cannot be less than nothing.');
        }
        // Thousands are set apart by one sign, and the cents by another.
        if (preg_match('/^(\d+|\d{1,3}(?:,\d{3})+)(?:\.(\d{1,2}))?$/D', $bare, $m) !== 1
            && preg_match('/^(\d+|\d{1,3}(?:\.\d{3})+)(?:,(\d{1,2}))?$/D', $bare, $m) !== 1) {
            throw new UnreadableCell("“{$typed}” is no sum of money. Write it like 12.50.");
        }
        if (preg_match('/^\d{1,3}\.\d{3}$/D', $bare) === 1) {
            [$whole, $cut] = [str_replace('.', '', $bare), substr($bare, 0, -1)];

            throw new UnreadableCell("“{$typed}” can be read in two ways. Write $whole or $cut.");
        }
        $whole = str_replace(['.', ','], '', $m[1]);
        $cents = strlen($whole) > 9 ? self::MOST + 1 : 100 * (int) $whole + (int) str_pad($m[2] ?? '', 2, '0');

        return $cents <= self::MOST ? $cents : throw new UnreadableCell('That is more than fits: at most 10,000,000.00.');
    }

    public function write(int|string|bool|array|null $value, Names $names): string
    {
        return is_int($value) ? self::figures($value) : '';
    }

    /** @param int $cents 1250 gives 12.50 */
    public static function figures(int $cents): string
    {
        return ($cents < 0 ? '-' : '').intdiv(abs($cents), 100).'.'.str_pad((string) (abs($cents) % 100), 2, '0', STR_PAD_LEFT);
    }

    public function nothing(): null
    {
        return null;
    }

    public function field(): string
    {
        return 'number';
    }
}
