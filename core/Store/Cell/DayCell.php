<?php

declare(strict_types=1);

namespace Ikat\Core\Store\Cell;

use Ikat\Core\Store\Names;
use Ikat\Core\Store\UnreadableCell;

/** A day, kept as 2027-03-01 (ISO 8601). */
final readonly class DayCell extends WordCell
{
    public function read(string $typed, Names $names): string
    {
        $isDay = preg_match('/^(\d{4})-(\d\d)-(\d\d)$/D', $typed, $m) === 1 && checkdate((int) $m[2], (int) $m[3], (int) $m[1]);

        return $isDay ? $typed : throw new UnreadableCell('Write the day as year, month and day: 2027-03-01.');
    }

    public function field(): string
    {
        return 'day';
    }
}
