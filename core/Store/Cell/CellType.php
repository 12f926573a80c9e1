<?php

declare(strict_types=1);

namespace Ikat\Core\Store\Cell;

use Ikat\Core\Store\Names;
use Ikat\Core\Store\UnreadableCell;

/**
 * What a cell of a table holds: how it is typed, kept and written. What is written is read again as the same.
 *
 * @phpstan-type Value int|string|bool|null|array<int|string, int|string>
 */
interface CellType
{
    /**
     * @param string $typed without blanks at its ends, and not empty
     *
     * @return Value
     *
     * @throws UnreadableCell
     */
    public function read(string $typed, Names $names): int|string|bool|array|null;

    /** @param Value $value */
    public function write(int|string|bool|array|null $value, Names $names): string;

    /**
     * What nothing typed means: null, or an empty text or list where there is always one.
     *
     * @return Value
     */
    public function nothing(): int|string|bool|array|null;

    /** Template of its field in a form. */
    public function field(): string;
}
