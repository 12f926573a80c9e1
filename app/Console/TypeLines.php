<?php

declare(strict_types=1);

namespace App\Console;

use App\Inspection\Inspector;
use App\Looks\LookReader;
use Ikat\Core\Compile\CompiledLook;
use Ikat\Core\Reach\TextColumn;
use Ikat\Core\Reach\TextLayout;
use Ikat\Core\Type\LineLength;

final class TypeLines extends LookCommand
{
    use NumberOptions;

    protected $signature = 'type:lines {--look=1} {--screen=1280 : px} {--json}';

    protected $description = 'Print how wide a look’s columns of text are on a screen and how many characters a line of them holds';

    public function handle(LookReader $looks, Inspector $inspector): int
    {
        return $this->tell(function () use ($looks, $inspector): array {
            $screen = $this->number('screen', 240, 4000) ?? 1280.0;
            $length = LineLength::of($looks->of($this->look())->resolved());
            $inspection = $inspector->inspect($this->look());
            $root = $inspection->get(CompiledLook::class)->root;
            $columns = $inspection->get(TextLayout::class)->columns($root, [(int) $screen]);

            return [
                'screen' => $screen, 'column' => round($length->column($screen), 2), 'characters' => round($length->characters($screen), 1),
                'best' => [LineLength::FEWEST, LineLength::MOST],
                'columns' => array_map(static fn(TextColumn $c): array => [
                    'page' => $c->page, 'element' => $c->number, 'words' => $c->words,
                    'width' => round($c->widths[(int) $screen], 2), 'size' => round($c->sizes[(int) $screen], 2),
                    'characters' => round($length->charactersIn($c->widths[(int) $screen], $c->sizes[(int) $screen]), 1),
                ], $columns),
            ];
        });
    }
}
