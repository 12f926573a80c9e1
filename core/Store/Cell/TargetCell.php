<?php

declare(strict_types=1);

namespace Ikat\Core\Store\Cell;

use Ikat\Core\Store\Names;
use Ikat\Core\Store\UnreadableCell;

/** Where a link leads: an address of the shop, beginning with a slash. */
final readonly class TargetCell implements CellType
{
    private const MOST = 200;

    public function read(string $typed, Names $names): string
    {
        return preg_match('#^/(?!/)[^\s\\\\<>"]*$#D', $typed) === 1 && mb_strlen($typed) <= self::MOST
            ? $typed
            : throw new UnreadableCell('Write an address of the shop, beginning with a slash: /page/about.');
    }

    public function write(int|string|bool|array|null $value, Names $names): string
    {
        return is_string($value) ? $value : '';
    }

    public function nothing(): null
    {
        return null;
    }

    public function field(): string
    {
        return 'target';
    }
}
