<?php

declare(strict_types=1);

namespace Ikat\Core\Store\Cell;

use Ikat\Core\Store\Names;
use Ikat\Core\Store\UnreadableCell;

/** The time zone of the store's clock, as the IANA database names it: America/New_York. */
final readonly class ZoneCell extends WordCell
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

    public function field(): string
    {
        return 'zone';
    }
}
