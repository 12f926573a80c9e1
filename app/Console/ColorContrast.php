<?php

declare(strict_types=1);

namespace App\Console;

use Ikat\Core\Color\Color;
use Ikat\Core\Color\Contrast;

final class ColorContrast extends AnswerCommand
{
    protected $signature = 'color:contrast {ink?} {ground?} {--json}';

    protected $description = 'Measure the contrast of an ink on a ground (WCAG 2.2)';

    protected function columns(): array
    {
        return ['ink', 'ground'];
    }

    protected function answer(array $values): array
    {
        $ratio = Contrast::ratio(Color::parse($values[0]), Color::parse($values[1]));

        return [
            'ratio' => $ratio,
            'passes' => [
                'text' => $ratio >= Contrast::TEXT,
                'large_text' => $ratio >= Contrast::LARGE_TEXT,
                'non_text' => $ratio >= Contrast::NON_TEXT,
            ],
        ];
    }
}
