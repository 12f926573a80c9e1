<?php

declare(strict_types=1);

namespace App\Console;

use Ikat\Core\Color\Color;
use Ikat\Core\Color\ColorSpace;
use Ikat\Core\Color\Contrast;

final class ColorInspect extends AnswerCommand
{
    protected $signature = 'color:inspect {color? : any CSS Color 4 color; without it, one a line from standard input} {--json}';

    protected $description = 'Say what a color is in every space Ikat works in';

    protected function columns(): array
    {
        return ['color'];
    }

    protected function answer(array $values): array
    {
        $color = Color::parse($values[0]);

        return [
            'hex' => $color->hex(),
            'srgb' => $color->to(ColorSpace::Srgb)->numbers(),
            'oklch' => $color->to(ColorSpace::Oklch)->coordinates(),
            'oklab' => $color->to(ColorSpace::Oklab)->numbers(),
            'lab' => $color->to(ColorSpace::Lab)->numbers(),
            'luminance' => Contrast::luminance($color),
            'in_gamut' => $color->inGamut(),
            'alpha' => $color->alpha,
        ];
    }
}
