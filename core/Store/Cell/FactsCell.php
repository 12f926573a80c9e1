<?php

declare(strict_types=1);

namespace Ikat\Core\Store\Cell;

use Ikat\Core\Store\UnreadableCell;

/** Facts of a product, one a line: "Made: by hand". */
final readonly class FactsCell extends NamedLinesCell
{
    private const MOST = 30;
    private const LONGEST_NAME = 40;
    private const LONGEST = 200;

    protected function line(int $number, string $name, string $said): string
    {
        if ($name === '' || $said === '') {
            throw new UnreadableCell("Line $number needs a name, a colon and the fact, like Made: by hand.");
        }
        if (mb_strlen($name) > self::LONGEST_NAME || mb_strlen($said) > self::LONGEST) {
            $fits = self::LONGEST_NAME.' characters fit before the colon and '.self::LONGEST.' after it.';

            throw new UnreadableCell("Line $number is too long: $fits");
        }

        return $said;
    }

    protected function bound(array $kept): void
    {
        if (count($kept) > self::MOST) {
            throw new UnreadableCell('At most '.self::MOST.' facts.');
        }
    }
}
