<?php

declare(strict_types=1);

namespace App\Console;

use App\Inspection\Inspector;
use Ikat\Core\Header\HeaderSolver;
use Ikat\Core\Header\SpokenTops;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

final class HeaderSolve extends AnswerCommand
{
    use FindsLook;

    protected $signature = 'header:solve
        {value? : width of the screen, px; without it and --width, one a line from standard input}
        {--width= : of the screen, px}
        {--look=1}
        {--language= : two letters, where the shop speaks several}
        {--json}';

    protected $description = 'Say how tall the header of a look is on a screen, what makes it so tall, and from which width on it fits';

    private ?HeaderSolver $solver = null;

    protected function initialize(InputInterface $input, OutputInterface $output): void
    {
        if ($input->getArgument('value') === null && $input->getOption('width') !== null) {
            $input->setArgument('value', $input->getOption('width'));
        }
    }

    protected function columns(): array
    {
        return ['value'];
    }

    private function solver(): HeaderSolver
    {
        $inspection = app(Inspector::class)->inspect($this->look());
        $language = (string) $this->option('language');
        if ($language === '' || $language === $this->look()->storefront->firstLanguage()) {
            return $inspection->get(HeaderSolver::class);
        }
        $spoken = $inspection->get(SpokenTops::class);
        if (! isset($spoken->dictionaries[$language])) {
            throw new \InvalidArgumentException("The shop does not speak “{$language}”. Say which languages it speaks in the Storeroom.");
        }

        return $spoken->in($language, $inspection)->header;
    }

    protected function answer(array $values): array
    {
        $width = filter_var($values[0], FILTER_VALIDATE_FLOAT);
        if ($width === false || $width < 240 || $width > 4000) {
            throw new \InvalidArgumentException("“{$values[0]}” is not a width of a screen. Give px from 240 to 4000: --width=390.");
        }
        $this->solver ??= $this->solver();
        $form = $this->solver->at($width);
        $px = ['x' => 0, 'y' => 0, 'width' => 0, 'height' => 0];

        return [
            'width' => $width, 'height' => round($form->height, 2), 'rows' => $form->rows, 'menu' => $form->isFolded ? 'folded' : 'shown',
            'folds_below' => $this->solver->foldsUpTo() === INF ? null : $this->solver->foldsUpTo() + 1,
            'fits_from' => $this->solver->fitsFrom(), 'menu_lines' => $form->menuLines, 'over' => round($form->over, 2),
            'causes' => array_map(static fn(array $c): array => [...$c, 'px' => round($c['px'], 2)], $form->causes),
            'blocks' => array_map(
                static fn(array $b): array => [
                    ...$b,
                    ...array_map(static fn(float $v): float => round($v, 2), array_intersect_key($b, $px)),
                ],
                $form->blocks,
            ),
        ];
    }
}
