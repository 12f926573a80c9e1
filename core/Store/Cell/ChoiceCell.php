<?php

declare(strict_types=1);

namespace Ikat\Core\Store\Cell;

use Ikat\Core\Store\Names;
use Ikat\Core\Store\UnreadableCell;

/** One of a few. */
final readonly class ChoiceCell implements CellType
{
    /** @param non-empty-array<string, string> $choices as it is kept => as it is written */
    public function __construct(public array $choices) {}

    public function read(string $typed, Names $names): string
    {
        foreach ($this->choices as $value => $words) {
            if (in_array(mb_strtolower($typed), [$value, mb_strtolower($words)], true)) {
                return $value;
            }
        }

        throw new UnreadableCell('It can be '.implode(', ', $this->choices).'.');
    }

    public function write(int|string|bool|array|null $value, Names $names): string
    {
        return is_string($value) ? $this->choices[$value] ?? $value : '';
    }

    public function nothing(): null
    {
        return null;
    }

    public function field(): string
    {
        return 'choice';
    }
}
