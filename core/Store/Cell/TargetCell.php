<?php

declare(strict_types=1);

namespace Ikat\Core\Store\Cell;

use Ikat\Core\Store\Names;
use Ikat\Core\Store\UnreadableCell;

/** Where a link leads: an address of the shop, beginning with a slash. */
final readonly class TargetCell extends WordCell
{
    private const MOST = 200;

    public function read(string $typed, Names $names): string
    {
        return preg_match('#^/(?!/)[^\s\\\\<>"]*$#D', $typed) === 1 && mb_strlen($typed) <= self::MOST
            ? $typed
            : throw new UnreadableCell('Write an address of the shop, beginning with a slash: /page/about.');
    }

    public function field(): string
    {
        return 'target';
    }
}
