<?php

declare(strict_types=1);

namespace Tests\Core\Grid;

use Ikat\Core\Grid\ShelfForm;
use Ikat\Core\Grid\ShelfLook;
use Ikat\Core\Grid\ShelfSolver;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ShelfSolverTest extends TestCase
{
    private static function look(
        float $gap = 24.0,
        float $page = 1168.0,
        float $space = 0.0,
        int $count = 24,
        string $last = 'leave',
    ): ShelfLook {
        return new ShelfLook(['phone' => 2, 'tablet' => 3, 'desktop' => 4], $gap, $page, $space, $count, $last);
    }

    /** @return iterable<string, array{ShelfLook, float, int, float, float}> look, screen, columns, room, card: reckoned by hand */
    public static function screens(): iterable
    {
        // 1,280 less 56 px on either side; three gaps of 24 px.
        yield 'desktop' => [self::look(), 1280, 4, 1168, (1168 - 72) / 4];
        // Sides of 4.4 % of the screen, 33.792 px each.
        yield 'tablet' => [self::look(), 768, 3, 768 - 2 * 33.792, (768 - 67.584 - 48) / 3];
        // A phone keeps a gap of 14 px at most.
        yield 'phone' => [self::look(), 390, 2, 390 - 2 * 17.16, (390 - 34.32 - 14) / 2];
        // A page that is narrower than the screen.
        yield 'narrow page' => [self::look(page: 900.0), 1920, 4, 900, (900 - 72) / 4];
        // Four cards of 110 px and the space within them do not fit beside one another: three do.
        yield 'too narrow' => [self::look(gap: 64.0, page: 900.0, space: 64.0), 1024, 3, 1012 - 2 * 45.056, (1012 - 2 * 45.056 - 128) / 3];
        // In lines cards keep their least width: a tenth of a px less than their share.
        yield 'in the middle' => [self::look(last: 'center'), 1280, 4, 1168, 274 - 0.1];
    }

    #[DataProvider('screens')]
    public function testCardsAreAsWideAsTheirRowLets(ShelfLook $look, float $screen, int $columns, float $room, float $card): void
    {
        $form = (new ShelfSolver($look))->at($screen);
        self::assertSame($columns, $form->columns);
        self::assertEqualsWithDelta($room, $form->room, 1e-9);
        self::assertEqualsWithDelta($card, $form->card, 1e-9);
    }

    public function testWhatIsLeftOverIsEmptyFilledOrGrownOver(): void
    {
        foreach ([
            // 14 products in rows of four: two in the last, 274 px each.
            ['leave', 14, 2, 2.0, 274.0], ['center', 14, 2, 2.0, 273.9], ['more', 14, 2, 0.0, 273.9], ['stretch', 14, 2, 0.0, 571.8],
            // One alone grows to twice its width and no farther, and leaves two places.
            ['stretch', 13, 3, 2.0, 571.8], ['stretch', 15, 1, 0.0, (1168 - 48) / 3], ['leave', 12, 0, 0.0, 274.0],
        ] as [$last, $products, $left, $empty, $card]) {
            $form = (new ShelfSolver(self::look(last: $last)))->at(1280);
            self::assertSame($left, $form->leftOver($products), "$last $products");
            self::assertSame($empty, $form->empty($products), "$last $products");
            self::assertEqualsWithDelta($card, $form->lastCard($products), 0.001, "$last $products");
        }
    }

    public function testEvenNumbersAreThoseThatEveryRowDivides(): void
    {
        $solver = new ShelfSolver(self::look());
        // Least common multiple of 2, 3 and 4.
        self::assertSame([12, 24, 36, 48], $solver->even([390, 768, 1280]));
        self::assertSame(range(4, 48, 4), $solver->even([1280]));
    }

    public function testPlacesAreCountedOnEveryPageOfEveryShelf(): void
    {
        self::assertSame([24, 24, 2], ShelfForm::pages(50, 24));
        self::assertSame([], ShelfForm::pages(0, 24));
        $solver = new ShelfSolver(self::look(count: 10));
        // 23 on pages of 10, 10 and 3 leave 2, 2 and 1; 8 leave none.
        self::assertSame(5.0, $solver->empty([23, 8], 1280));
        self::assertSame(0.0, (new ShelfSolver($solver->look->with(count: 8)))->empty([16, 8], 1280));
    }
}
