<?php

declare(strict_types=1);

namespace Ikat\Core\Store\Cell;

use Ikat\Core\Store\Names;
use Ikat\Core\Store\UnreadableCell;

/** The time zone of the store's clock, as the IANA database names it: America/New_York. */
final readonly class ZoneCell implements CellType
{
    public function read(string $typed, Names $names): string
    {
        foreach (\DateTimeZone::listIdentifiers() as $zone) {
            if (mb_strtolower($zone) === mb_strtolower((string) preg_replace('/\s+/', '_', $typed))) {
                return $zone;
            }
        }

        throw new UnreadableCell('Write a time zone as continent and city, like America/New_York.');
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
        return 'zone';
    }
}
