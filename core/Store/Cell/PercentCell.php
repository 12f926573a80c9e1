<?php

declare(strict_types=1);

namespace Ikat\Core\Store\Cell;

use Ikat\Core\Store\Names;
use Ikat\Core\Store\UnreadableCell;

/** A share from nothing to all, kept as hundredths of a percent: "8.25%" is 825. */
final readonly class PercentCell implements CellType
{
    private const ALL = 10_000;

    public function read(string $typed, Names $names): int
    {
        if (preg_match('/^(\d{1,3})(?:[.,](\d{1,2}))?\s*%?$/D', $typed, $m) !== 1) {
            throw new UnreadableCell("“{$typed}” is no share. Write it like 8.25%.");
        }
        $hundredths = 100 * (int) $m[1] + (int) str_pad($m[2] ?? '', 2, '0');

        return $hundredths <= self::ALL ? $hundredths : throw new UnreadableCell('A share goes from 0% to 100%.');
    }

    public function write(int|string|bool|array|null $value, Names $names): string
    {
        return is_int($value) ? rtrim(rtrim(MoneyCell::figures($value), '0'), '.').'%' : '';
    }

    public function nothing(): null
    {
        return null;
    }

    public function field(): string
    {
        return 'line';
    }
}
