<?php

declare(strict_types=1);

namespace App\Console;

use Ikat\Core\Color\Ciede2000;
use Ikat\Core\Color\Color;

final class ColorDifference extends AnswerCommand
{
    protected $signature = 'color:difference {a?} {b?} {--json}';

    protected $description = 'Measure how different two colors look (CIEDE2000)';

    protected function columns(): array
    {
        return ['a', 'b'];
    }

    protected function answer(array $values): array
    {
        return ['ciede2000' => Ciede2000::difference(Color::parse($values[0]), Color::parse($values[1]))];
    }
}
