<?php

declare(strict_types=1);

namespace Ikat\Core\Store\Cell;

use Ikat\Core\Store\Names;
use Ikat\Core\Store\UnreadableCell;

/** One country: its two letters of ISO 3166-1. */
final readonly class CountryCell extends WordCell
{
    public function read(string $typed, Names $names): string
    {
        $codes = (new PlacesCell(true))->read($typed, $names);

        return count($codes) === 1 ? $codes[0] : throw new UnreadableCell('One country alone, like US.');
    }
}
