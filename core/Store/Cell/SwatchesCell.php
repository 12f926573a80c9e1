<?php

declare(strict_types=1);

namespace Ikat\Core\Store\Cell;

use Ikat\Core\Color\ColorException;
use Ikat\Core\Color\ColorParser;
use Ikat\Core\Store\Names;
use Ikat\Core\Store\UnreadableCell;

/** Colors of values that can be chosen, one a line: "Indigo: #3c4a8c". */
final readonly class SwatchesCell implements CellType
{
    private const MOST = 40;
    private const LONGEST_NAME = 40;

    /** @return array<string, string> value => #rrggbb */
    public function read(string $typed, Names $names): array
    {
        $swatches = [];
        foreach (preg_split('/\R/u', $typed) ?: [] as $i => $line) {
            if (trim($line) === '') {
                continue;
            }
            [$value, $written] = array_map(trim(...), explode(':', $line, 2) + [1 => '']);
            $number = $i + 1;
            if ($value === '' || $written === '' || mb_strlen($value) > self::LONGEST_NAME) {
                throw new UnreadableCell("Line $number needs a value, a colon and its color, like Indigo: #3c4a8c.");
            }
            try {
                $color = ColorParser::parse($written);
            } catch (ColorException) {
                throw new UnreadableCell("Line $number: “{$written}” is no color. Write one like #3c4a8c or oklch(60% 0.1 250).");
            }
            $swatches[$value] = $color->hex();
        }

        return count($swatches) <= self::MOST ? $swatches : throw new UnreadableCell('At most '.self::MOST.' colors.');
    }

    public function write(int|string|bool|array|null $value, Names $names): string
    {
        $lines = [];
        foreach (is_array($value) ? $value : [] as $name => $color) {
            $lines[] = "$name: $color";
        }

        return implode("\n", $lines);
    }

    /** @return array{} */
    public function nothing(): array
    {
        return [];
    }

    public function field(): string
    {
        return 'lines';
    }
}
