<?php

declare(strict_types=1);

namespace App\Console;

use App\Inspection\Inspector;
use App\Pictures\PictureIntake;
use Ikat\Core\Grid\PictureSizes;
use Ikat\Core\Grid\ShelfForm;
use Ikat\Core\Grid\ShelfSolver;
use Ikat\Core\Image\SrcsetChoice;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

final class GridSolve extends AnswerCommand
{
    use FindsLook;
    use NumberOptions;

    protected $signature = 'grid:solve
        {value? : products of a shelf; without it and --products, one a line from standard input}
        {--products= : of a shelf}
        {--width=1280 : of the screen, px}
        {--columns= : instead of the look\'s own on that screen}
        {--count= : products on a page, instead of the look\'s own}
        {--look=1}
        {--json}';

    protected $description = 'Say how wide the cards of a shelf are on a screen, in how many rows they stand, and what is left over';

    /** @var array<string, ShelfSolver> by what was asked for: a stream asks the same again and again */
    private array $solvers = [];

    protected function initialize(InputInterface $input, OutputInterface $output): void
    {
        if ($input->getArgument('value') === null && $input->getOption('products') !== null) {
            $input->setArgument('value', $input->getOption('products'));
        }
    }

    protected function columns(): array
    {
        return ['value'];
    }

    protected function answer(array $values): array
    {
        $products = filter_var($values[0], FILTER_VALIDATE_INT, ['options' => ['min_range' => 0, 'max_range' => 1_000_000]]);
        if ($products === false) {
            throw new \InvalidArgumentException("“{$values[0]}” is not a number of products. Give one from 0 to 1,000,000: --products=14.");
        }
        $screen = $this->number('width', 240, 4000) ?? 1280.0;
        $solver = $this->solvers[json_encode($this->options(), JSON_THROW_ON_ERROR)] ??= $this->solver($screen);
        $form = $solver->at($screen);
        $pages = ShelfForm::pages($products, max(1, $solver->look->count));
        $last = $pages === [] ? 0 : $pages[count($pages) - 1];

        return [
            'products' => $products, 'width' => $screen, 'columns' => $form->columns, 'card_width' => round($form->card, 2),
            'gap' => $form->gap, 'pages' => count($pages), 'rows' => $form->rows($last), 'left_over' => $form->leftOver($last),
            'empty' => $form->empty($last), 'last_card_width' => round($form->lastCard($last), 2), 'last_row' => $form->last,
            'even' => $solver->even([$screen]), 'picture_width' => round($width = (new PictureSizes($solver))->at($screen), 2),
            // Of a picture as large as is kept.
            'loads' => array_map(
                static fn(int $density): int => SrcsetChoice::of(PictureIntake::WIDTHS, $width, $density),
                ['1x' => 1, '2x' => 2],
            ),
        ];
    }

    private function solver(float $screen): ShelfSolver
    {
        $look = app(Inspector::class)->inspect($this->look())->get(ShelfSolver::class)->look;
        $columns = $this->number('columns', 1, 12);
        $count = $this->number('count', 1, 1000);

        return new ShelfSolver($look->with(
            $columns === null ? [] : [$look::deviceOf($screen) => (int) $columns],
            $count === null ? null : (int) $count,
        ));
    }
}
