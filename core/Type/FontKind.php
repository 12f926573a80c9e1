<?php

declare(strict_types=1);

namespace Ikat\Core\Type;

enum FontKind: string
{
    case Serif = 'serif';
    case Slab = 'slab';
    case Sans = 'sans';
    case Mono = 'mono';
    case Display = 'display';
    case Hand = 'hand';

    public function generic(): string
    {
        return match ($this) {
            self::Serif, self::Slab => 'Georgia, serif',
            self::Sans, self::Display => 'Arial, sans-serif',
            self::Mono => '"Courier New", monospace',
            self::Hand => 'cursive, sans-serif',
        };
    }

    /** The weight from which on a device's own font is bold: CSS Fonts 4, section 5.2, seeks a heavier face above 500. */
    private const BOLD = 600;

    /** @return non-empty-list<string> fonts that visitors' devices have for a weight, of the same measures among themselves */
    public function locals(int $weight = 400, bool $isItalic = false): array
    {
        $isBold = $weight >= self::BOLD;
        if ($isItalic) {
            return $this->italicLocals($isBold);
        }

        return match ($this) {
            self::Serif,
            self::Slab => $isBold ? ['Georgia Bold', 'Georgia-Bold', 'Gelasio Bold'] : ['Georgia', 'Gelasio'],
            // Liberation Mono and Cousine were drawn to Courier New's widths.
            self::Mono => $isBold
                ? ['Courier New Bold', 'CourierNewPS-BoldMT', 'Liberation Mono Bold', 'Cousine Bold']
                : ['Courier New', 'Liberation Mono', 'Cousine', 'CourierNewPSMT'],
            // Liberation Sans and Arimo were drawn to Arial's widths, so one set of overrides fits all three.
            self::Sans,
            self::Display,
            self::Hand => $isBold
                ? ['Arial Bold', 'Arial-BoldMT', 'Liberation Sans Bold', 'Arimo Bold']
                : ['Arial', 'Liberation Sans', 'Arimo', 'ArialMT'],
        };
    }

    /** @return non-empty-list<string> */
    private function italicLocals(bool $isBold): array
    {
        $style = $isBold ? 'Bold Italic' : 'Italic';

        return match ($this) {
            self::Serif, self::Slab => ["Georgia $style", $isBold ? 'Georgia-BoldItalic' : 'Georgia-Italic', "Gelasio $style"],
            self::Mono => ["Courier New $style", "Liberation Mono $style", "Cousine $style"],
            self::Sans, self::Display, self::Hand => ["Arial $style", "Liberation Sans $style", "Arimo $style"],
        };
    }

    /**
     * @return array{unitsPerEm: int, averageWidth: int} of those fonts; source: @capsizecss/metrics 4.3, Arial, Georgia and Courier New,
     *     regular and bold, upright and
     *     italic
     */
    public function localMeasures(int $weight = 400, bool $isItalic = false): array
    {
        return ['unitsPerEm' => 2048, 'averageWidth' => match (true) {
            $this === self::Mono => 1229,
            $this === self::Serif, $this === self::Slab => $weight < self::BOLD ? ($isItalic ? 931 : 913) : ($isItalic ? 1082 : 1062),
            default => $weight < self::BOLD ? 913 : 983,
        }];
    }
}
