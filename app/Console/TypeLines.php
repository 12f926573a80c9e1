<?php

declare(strict_types=1);

namespace App\Console;

use App\Looks\LookReader;
use Ikat\Core\Type\LineLength;

final class TypeLines extends LookCommand
{
    use NumberOptions;

    protected $signature = 'type:lines {--look=1} {--screen=1280 : px} {--json}';

    protected $description = 'Print how wide a look’s widest column of text is on a screen, and how many characters a line of it holds';

    public function handle(LookReader $looks): int
    {
        return $this->tell(function () use ($looks): array {
            $screen = $this->number('screen', 240, 4000) ?? 1280.0;
            $length = LineLength::of($looks->of($this->look())->resolved());

            return [
                'screen' => $screen, 'column' => round($length->column($screen), 2), 'characters' => round($length->characters($screen), 1),
                'best' => [LineLength::FEWEST, LineLength::MOST],
            ];
        });
    }
}
