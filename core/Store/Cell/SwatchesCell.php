<?php

declare(strict_types=1);

namespace Ikat\Core\Store\Cell;

use Ikat\Core\Color\ColorException;
use Ikat\Core\Color\ColorParser;
use Ikat\Core\Store\UnreadableCell;

/** Colors of values that can be chosen, one a line: "Indigo: #3c4a8c"; kept as #rrggbb. */
final readonly class SwatchesCell extends NamedLinesCell
{
    private const MOST = 40;
    private const LONGEST_NAME = 40;

    protected function line(int $number, string $name, string $said): string
    {
        if ($name === '' || $said === '' || mb_strlen($name) > self::LONGEST_NAME) {
            throw new UnreadableCell("Line $number needs a value, a colon and its color, like Indigo: #3c4a8c.");
        }
        try {
            return ColorParser::parse($said)->hex();
        } catch (ColorException) {
            throw new UnreadableCell("Line $number: “{$said}” is no color. Write one like #3c4a8c or oklch(60% 0.1 250).");
        }
    }

    protected function bound(array $kept): void
    {
        if (count($kept) > self::MOST) {
            throw new UnreadableCell('At most '.self::MOST.' colors.');
        }
    }
}
