<?php

declare(strict_types=1);

namespace App\Console;

use App\Inspection\Inspector;
use Ikat\Core\Header\HeaderForm;
use Ikat\Core\Header\HeaderSolver;

final class HeaderSolve extends LookCommand
{
    use NumberOptions;

    protected $signature = 'header:solve {--look=1} {--width= : of the screen, px; many are read from standard input} {--json}';

    protected $description = 'Say how tall the header of a look is on a screen, what makes it so tall, and from which width on everything fits';

    public function handle(Inspector $inspector): int
    {
        return $this->tell(function () use ($inspector): array {
            $solver = $inspector->inspect($this->look())->get(HeaderSolver::class);

            return self::answer($solver, $solver->at($this->number('width', 240, 4000) ?? 1280.0));
        });
    }

    /** @return array<string, mixed> */
    private static function answer(HeaderSolver $solver, HeaderForm $form): array
    {
        return [
            'width' => $form->width, 'height' => round($form->height, 2), 'rows' => $form->rows,
            'menu' => $form->isFolded ? 'folded' : 'shown',
            'folds_below' => is_infinite($solver->foldsUpTo()) ? null : $solver->foldsUpTo() + 1,
            'fits_from' => $solver->fitsFrom(), 'menu_lines' => $form->menuLines, 'over' => round($form->over, 2),
            'causes' => $form->causes,
            'blocks' => array_map(
                static fn(array $b): array => [...$b, ...array_map(
                    static fn(float $px): float => round($px, 2),
                    array_intersect_key($b, ['x' => 0, 'y' => 0, 'width' => 0, 'height' => 0]),
                )],
                $form->blocks,
            ),
        ];
    }
}
