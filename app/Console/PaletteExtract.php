<?php

declare(strict_types=1);

namespace App\Console;

use App\Pictures\GdPixels;
use App\Pictures\PictureReader;
use Ikat\Core\Palette\Ink;
use Ikat\Core\Palette\InkFinder;

final class PaletteExtract extends AnswerCommand
{
    protected $signature = 'palette:extract {file? : a picture; without it, one a line from standard input} {--json}';

    protected $description = 'Find the inks a logo is made of';

    protected function columns(): array
    {
        return ['file'];
    }

    protected function answer(array $values): array
    {
        return ['colors' => array_map(
            static fn(Ink $ink): array => ['hex' => $ink->hex, 'share' => $ink->share, 'name' => $ink->name],
            InkFinder::in(new GdPixels(PictureReader::read($values[0], basename($values[0]))->image)),
        )];
    }
}
