<?php

declare(strict_types=1);

namespace Ikat\Core\Type;

enum FontKind: string
{
    case Serif = 'serif';
    case Sans = 'sans';
    case Hand = 'hand';

    public function generic(): string
    {
        return match ($this) {
            self::Serif => 'Georgia, serif',
            self::Sans => 'Arial, sans-serif',
            self::Hand => 'cursive, sans-serif',
        };
    }

    /** @return non-empty-list<string> fonts that visitors' devices have, of the same measures among themselves */
    public function locals(): array
    {
        return match ($this) {
            self::Serif => ['Georgia', 'Gelasio'],
            // Liberation Sans and Arimo were drawn to Arial's widths, so one set of overrides fits all three.
            self::Sans, self::Hand => ['Arial', 'Liberation Sans', 'Arimo', 'ArialMT'],
        };
    }

    /** @return array{unitsPerEm: int, averageWidth: int} of those fonts; source: @capsizecss/metrics 4.3, Arial and Georgia */
    public function localMeasures(): array
    {
        return match ($this) {
            self::Serif => ['unitsPerEm' => 2048, 'averageWidth' => 913],
            self::Sans, self::Hand => ['unitsPerEm' => 2048, 'averageWidth' => 913],
        };
    }
}
