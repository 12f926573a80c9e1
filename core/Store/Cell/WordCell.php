<?php

declare(strict_types=1);

namespace Ikat\Core\Store\Cell;

use Ikat\Core\Store\Names;

/** What is kept as it is written, and is null where there is none. */
abstract readonly class WordCell implements CellType
{
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
        return 'line';
    }
}
