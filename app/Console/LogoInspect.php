<?php

declare(strict_types=1);

namespace App\Console;

use App\Pictures\LogoFacts;
use App\Pictures\PictureReader;
use Ikat\Core\Image\Sharpness;

final class LogoInspect extends AnswerCommand
{
    protected $signature = 'logo:inspect {file? : a picture; without it, one a line from standard input} {--json}';

    protected $description = 'Say what a logo file is: its size, margins, and how large it may be shown';

    protected function columns(): array
    {
        return ['file'];
    }

    protected function answer(array $values): array
    {
        $picture = PictureReader::read($values[0], basename($values[0]));
        $facts = LogoFacts::of($picture);

        $pixels = static fn(int $n): int => (int) round($n * $picture->scale);

        return [
            'width' => $pixels($facts->width),
            'height' => $pixels($facts->height),
            'trim' => $facts->trim === null ? null : array_map($pixels, $facts->trim),
            'transparent' => $facts->edge !== [],
            'vector' => $facts->vector,
            'sharp_up_to' => array_combine(
                array_map(strval(...), Sharpness::DENSITIES),
                array_values(Sharpness::upTo($pixels($facts->height), $facts->vector)),
            ),
            'notes' => $facts->notes,
        ];
    }
}
