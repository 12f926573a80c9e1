<?php

declare(strict_types=1);

namespace Ikat\Core\Store\Cell;

use Ikat\Core\Store\Names;
use Ikat\Core\Store\UnreadableCell;

/** Several things, one a line, each with its name before a colon: "Made: by hand". */
abstract readonly class NamedLinesCell implements CellType
{
    /** @return array<string, string> name => what is kept of it */
    public function read(string $typed, Names $names): array
    {
        $kept = [];
        foreach (preg_split('/\R/u', $typed) ?: [] as $i => $line) {
            if (trim($line) === '') {
                continue;
            }
            [$name, $said] = array_map(trim(...), explode(':', $line, 2) + [1 => '']);
            $one = $this->line($i + 1, $name, $said);
            if (isset($kept[$name])) {
                throw new UnreadableCell("“{$name}” stands there twice.");
            }
            $kept[$name] = $one;
        }
        $this->bound($kept);

        return $kept;
    }

    /**
     * @param int $number of the line, from 1
     * @param string $name what stands before the colon, $said what stands after it; empty where nothing does
     *
     * @return string as it is kept
     *
     * @throws UnreadableCell
     */
    abstract protected function line(int $number, string $name, string $said): string;

    /**
     * @param array<string, string> $kept
     *
     * @throws UnreadableCell where it is too much
     */
    abstract protected function bound(array $kept): void;

    public function write(int|string|bool|array|null $value, Names $names): string
    {
        $lines = [];
        foreach (is_array($value) ? $value : [] as $name => $said) {
            $lines[] = "$name: $said";
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
