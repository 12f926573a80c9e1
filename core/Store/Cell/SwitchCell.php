<?php

declare(strict_types=1);

namespace Ikat\Core\Store\Cell;

use Ikat\Core\Store\Names;
use Ikat\Core\Store\UnreadableCell;

/** Yes or no. */
final readonly class SwitchCell implements CellType
{
    private const YES = ['yes', 'y', 'true', '1', 'on', 'x'];
    private const NO = ['no', 'n', 'false', '0', 'off', '-'];

    public function read(string $typed, Names $names): bool
    {
        $word = mb_strtolower($typed);

        return match (true) {
            in_array($word, self::YES, true) => true,
            in_array($word, self::NO, true) => false,
            default => throw new UnreadableCell('Write yes or no.'),
        };
    }

    public function write(int|string|bool|array|null $value, Names $names): string
    {
        return $value === true ? 'yes' : 'no';
    }

    public function nothing(): bool
    {
        return false;
    }

    public function field(): string
    {
        return 'switch';
    }
}
