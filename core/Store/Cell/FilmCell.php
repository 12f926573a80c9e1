<?php

declare(strict_types=1);

namespace Ikat\Core\Store\Cell;

use Ikat\Core\Store\Names;
use Ikat\Core\Store\UnreadableCell;

/** A film that was brought to the shop, by the address of its file. */
final readonly class FilmCell extends WordCell
{
    private const MOST = 120;

    public function read(string $typed, Names $names): string
    {
        return preg_match('~^(/[a-z0-9-]+)+\.(webm|mp4)$~D', $typed) === 1 && strlen($typed) <= self::MOST
            ? $typed
            : throw new UnreadableCell("“{$typed}” is no film of the shop. Choose a file where the product stands open.");
    }
}
