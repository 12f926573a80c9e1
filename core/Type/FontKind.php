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

    /** The weight from which on a device's own font is bold: CSS Fonts 4, section 5.2, seeks a heavier face above 500. */
    private const BOLD = 600;

    /** @return non-empty-list<string> fonts that visitors' devices have for a weight, of the same measures among themselves */
    public function locals(int $weight = 400): array
    {
        $isBold = $weight >= self::BOLD;

        return match ($this) {
            self::Serif => $isBold ? ['Georgia Bold', 'Georgia-Bold', 'Gelasio Bold'] : ['Georgia', 'Gelasio'],
            // Liberation Sans and Arimo were drawn to Arial's widths, so one set of overrides fits all three.
            self::Sans,
            self::Hand => $isBold
                ? ['Arial Bold', 'Arial-BoldMT', 'Liberation Sans Bold', 'Arimo Bold']
                : ['Arial', 'Liberation Sans', 'Arimo', 'ArialMT'],
        };
    }

    /**
     * @return array{unitsPerEm: int, averageWidth: int} of those fonts; source: @capsizecss/metrics 4.3, Arial and Georgia, regular and
     *     bold
     */
    public function localMeasures(int $weight = 400): array
    {
        return ['unitsPerEm' => 2048, 'averageWidth' => match (true) {
            $weight < self::BOLD => 913,
            $this === self::Serif => 1062,
            default => 983,
        }];
    }
}
