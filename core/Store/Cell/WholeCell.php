<?php

declare(strict_types=1);

namespace Ikat\Core\Store\Cell;

use Ikat\Core\Store\Names;
use Ikat\Core\Store\UnreadableCell;

/** A whole number. */
final readonly class WholeCell implements CellType
{
    public function __construct(public int $least = 0, public int $most = 999_999) {}

    public function read(string $typed, Names $names): int
    {
        $bare = (string) preg_replace('/(?<=\d)[\s,\x{00A0}\x{202F}\x{2019}\'](?=\d{3}\b)/u', '', $typed);
        if (preg_match('/^-?\d{1,12}$/D', $bare) !== 1) {
            throw new UnreadableCell("“{$typed}” is no whole number.");
        }

        return (int) $bare >= $this->least && (int) $bare <= $this->most
            ? (int) $bare
            : throw new UnreadableCell("It can be from $this->least to ".number_format($this->most).'.');
    }

    public function write(int|string|bool|array|null $value, Names $names): string
    {
        return is_int($value) ? (string) $value : '';
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
