<?php

declare(strict_types=1);

namespace Ikat\Core\Store\Cell;

use Ikat\Core\Store\Names;
use Ikat\Core\Store\UnreadableCell;

/** How much one unit of the store's currency is in another, kept as millionths: "0.92" is 920000. */
final readonly class RateCell implements CellType
{
    public function read(string $typed, Names $names): int
    {
        if (preg_match('/^(\d{1,5})(?:[.,](\d{1,6}))?$/D', $typed, $m) !== 1 || (float) str_replace(',', '.', $typed) <= 0) {
            throw new UnreadableCell("“{$typed}” is no rate. Write how much one unit of the store’s currency is, like 0.92.");
        }

        return 1_000_000 * (int) $m[1] + (int) str_pad($m[2] ?? '', 6, '0');
    }

    public function write(int|string|bool|array|null $value, Names $names): string
    {
        if (! is_int($value)) {
            return '';
        }
        $digits = str_pad((string) ($value % 1_000_000), 6, '0', STR_PAD_LEFT);

        return rtrim(rtrim(intdiv($value, 1_000_000).".$digits", '0'), '.');
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
