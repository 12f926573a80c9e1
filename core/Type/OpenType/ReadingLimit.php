<?php

declare(strict_types=1);

namespace Ikat\Core\Type\OpenType;

use Ikat\Core\Type\UnreadableFont;

/** How much of a table is read before it is taken for one that was made to be read without an end. */
final class ReadingLimit
{
    /** Stretches of a table; the largest tables of real fonts ask for some ten thousand. */
    private int $left = 1_000_000;

    /** @throws UnreadableFont */
    public function count(int $stretches): void
    {
        $this->left -= $stretches;
        if ($this->left < 0) {
            throw UnreadableFont::because('its tables lead around without an end');
        }
    }
}
