<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

use Ikat\Core\Grid\ShelfCounts;
use Ikat\Core\Grid\ShelfForm;
use Ikat\Core\Grid\ShelfSolver;
use Ikat\Core\Setting\StepKey;

/** Products that stand alone in the last row of a shelf, where three or more stand in each other one. */
final class StrayGoods implements Check
{
    /** Columns from which a product by itself looks lost (common practice, no source). */
    private const FROM = 3;

    public function run(Inspection $input): iterable
    {
        $solver = $input->get(ShelfSolver::class);
        if ($solver->look->last === 'more' || $solver->look->arrange !== 'tiles') {
            return;
        }
        foreach (TextColumns::SCREENS as $screen => $device) {
            $form = $solver->at((float) $screen);
            $alone = [];
            foreach ($input->get(ShelfCounts::class)->shelves as $shelf) {
                foreach (ShelfForm::pages($shelf['all'], max(1, $solver->look->count)) as $page) {
                    if ($page > 1 && $form->columns >= self::FROM && $form->columns - $form->leftOver($page) === 1) {
                        $alone[] = $shelf['name'];
                    }
                }
            }
            $alone = array_values(array_unique($alone));
            if ($alone !== []) {
                $others = count($alone) - 1;
                yield new SettingFinding(
                    "stray:$device",
                    Severity::Know,
                    StepKey::PRODUCTS,
                    'grid.last',
                    "On a $device one product stands alone in the last row of “{$alone[0]}”".match ($others) {
                        0 => '',
                        1 => ' and of one more shelf',
                        default => " and of $others more shelves",
                    },
                    'Let a tile fill the row and lead on, or choose columns and a page that come out even.',
                    ['grid.last' => 'more'],
                    'Fill the row',
                );
            }
        }
    }
}
