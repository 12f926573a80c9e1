<?php

declare(strict_types=1);

namespace Ikat\Core\Store\Cell;

use Ikat\Core\Store\Names;
use Ikat\Core\Store\UnreadableCell;

/** Facts of a product, one a line: "Made: by hand". */
final readonly class FactsCell implements CellType
{
    private const MOST = 30;
    private const LONGEST_NAME = 40;
    private const LONGEST = 200;

    /** @return array<string, string> */
    public function read(string $typed, Names $names): array
    {
        $facts = [];
        foreach (preg_split('/\R/u', $typed) ?: [] as $i => $line) {
            if (trim($line) === '') {
                continue;
            }
            [$name, $fact] = array_map(trim(...), explode(':', $line, 2) + [1 => '']);
            $number = $i + 1;
            if ($name === '' || $fact === '') {
                throw new UnreadableCell("Line $number needs a name, a colon and the fact, like Made: by hand.");
            }
            if (mb_strlen($name) > self::LONGEST_NAME || mb_strlen($fact) > self::LONGEST) {
                $fits = self::LONGEST_NAME.' characters fit before the colon and '.self::LONGEST.' after it.';

                throw new UnreadableCell("Line $number is too long: $fits");
            }
            if (isset($facts[$name])) {
                throw new UnreadableCell("“{$name}” stands there twice.");
            }
            $facts[$name] = $fact;
        }

        return count($facts) <= self::MOST ? $facts : throw new UnreadableCell('At most '.self::MOST.' facts.');
    }

    public function write(int|string|bool|array|null $value, Names $names): string
    {
        $lines = [];
        foreach (is_array($value) ? $value : [] as $name => $fact) {
            $lines[] = "$name: $fact";
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
