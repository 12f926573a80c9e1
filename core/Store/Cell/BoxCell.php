<?php

declare(strict_types=1);

namespace Ikat\Core\Store\Cell;

use Ikat\Core\Store\Names;
use Ikat\Core\Store\UnreadableCell;

/** A part of a picture by its left, top, right and lower side, in percent of the picture: "12 8 88 96". Empty says nothing. */
final readonly class BoxCell implements CellType
{
    /** Percent that a part has at least. */
    private const LEAST = 2;

    public function read(string $typed, Names $names): string
    {
        if ($typed === '') {
            return '';
        }
        if (preg_match('/^(\d{1,3})[\s,;]+(\d{1,3})[\s,;]+(\d{1,3})[\s,;]+(\d{1,3})$/D', $typed, $m) !== 1) {
            throw new UnreadableCell(
                "“{$typed}” is no part of a picture. Write its left, top, right and lower side in percent, like 12 8 88 96.",
            );
        }
        [$left, $top, $right, $bottom] = array_map(intval(...), array_slice($m, 1));
        if (max($right, $bottom) > 100 || $right - $left < self::LEAST || $bottom - $top < self::LEAST) {
            throw new UnreadableCell('The left side is to be left of the right one, the top over the bottom, and all between 0 and 100.');
        }

        return "$left $top $right $bottom";
    }

    public function write(int|string|bool|array|null $value, Names $names): string
    {
        return is_string($value) ? $value : '';
    }

    public function nothing(): string
    {
        return '';
    }

    public function field(): string
    {
        return 'line';
    }
}
