<?php

declare(strict_types=1);

namespace Tests\Core\Grid;

use Ikat\Core\Grid\PlacedCard;
use Ikat\Core\Grid\ShelfArranger;
use Ikat\Core\Grid\ShelfForm;
use Ikat\Core\Grid\ShelfLook;
use Ikat\Core\Grid\ShelfSolver;
use Ikat\Core\Grid\StandingShelf;
use PHPUnit\Framework\TestCase;

/** By hand, on a shelf 620 px wide with 10 px between cards. In Chromium: ShelvesInChromiumTest. */
final class ShelfArrangerTest extends TestCase
{
    /**
     * @param list<float> $proportions
     *
     * @return array{list<array{float, float, float, float}>, float, list<array{float, float, float, float}>}
     */
    private static function placed(string $arrange, string $last, array $proportions, int $columns = 2): array
    {
        $form = new ShelfForm(620, $columns, 305, 304.9, 10, 20, 0, 100, $last, $arrange);
        // Words take 40 px under every picture.
        $card = static fn(int $n, float $width, float $picture): array => [$picture + 40, 1];
        [$cards, $ends, $places] = (new ShelfArranger($form, $card, 2.0, 0.0))->place($proportions);

        return [
            array_map(static fn(PlacedCard $c): array => self::rounded([$c->x, $c->y, $c->width, $c->picture]), $cards),
            round($ends, 1),
            array_map(self::rounded(...), $places),
        ];
    }

    /**
     * @param array<array-key, float> $values
     *
     * @return list<float>
     */
    private static function rounded(array $values): array
    {
        return array_map(static fn(float $v): float => round($v, 1), array_values($values));
    }

    public function testTilesAreAllTheSame(): void
    {
        self::assertSame(
            [[[0.0, 0.0, 305.0, 152.5], [315.0, 0.0, 305.0, 152.5], [0.0, 212.5, 305.0, 152.5]], 405.0, [[315.0, 212.5, 305.0, 192.5]]],
            self::placed('tiles', 'leave', [1.0, 2.0, 3.0]),
        );
        self::assertSame([[], 0.0, []], self::placed('tiles', 'leave', []));
    }

    public function testInRowsAllPicturesOfARowAreAsTall(): void
    {
        // Three of 2, 1 and 2 times their 100 px and two gaps are 520 px: 100 are left for proportions of 5.
        [$cards, $ends, $places] = self::placed('rows', 'leave', [2.0, 1.0, 2.0, 1.0]);
        self::assertSame(
            [[0.0, 0.0, 240.0, 120.0], [250.0, 0.0, 120.0, 120.0], [380.0, 0.0, 240.0, 120.0], [0.0, 180.0, 100.0, 100.0]],
            $cards,
        );
        self::assertSame(320.0, $ends);
        self::assertSame([[110.0, 180.0, 510.0, 140.0]], $places);
        self::assertSame([235.0, 180.0, 150.0, 150.0], self::placed('rows', 'center', [2.0, 1.0, 2.0, 1.0])[0][3], 'half as tall again');
        self::assertSame([210.0, 180.0, 200.0, 200.0], self::placed('rows', 'stretch', [2.0, 1.0, 2.0, 1.0])[0][3], 'twice as tall');
        self::assertSame([0.0, 180.0, 100.0, 100.0], self::placed('rows', 'more', [2.0, 1.0, 2.0, 1.0])[0][3], 'a tile takes what is left');
        // Where there is no room for a tile beside it, the row is filled, and the tile stands below.
        self::assertSame([[0.0, 180.0, 620.0, 120.0]], self::placed('rows', 'more', [2.0, 1.0, 2.0])[2]);
    }

    public function testColumnsAreAsLowAsHoldsAllInOrder(): void
    {
        // Heights 345, 192.5, 192.5 and 345 with gaps of 20: two and two are lowest, at 557.5 px.
        [$cards, $ends] = self::placed('columns', 'leave', [1.0, 2.0, 2.0, 1.0]);
        self::assertSame(
            [[0.0, 0.0], [0.0, 365.0], [315.0, 0.0], [315.0, 212.5]],
            array_map(static fn(array $c): array => [$c[0], $c[1]], $cards),
        );
        self::assertSame(557.5, $ends);
        self::assertSame([[315.0, 212.5, 305.0, 180.0]], self::placed('columns', 'more', [1.0, 2.0, 2.0])[2]);
    }

    public function testWhiteIsWhatNoCardTakes(): void
    {
        $look = new ShelfLook(['phone' => 1, 'tablet' => 2, 'desktop' => 2], 24, 1168, 0, 24, 'leave', 1.0, 'rows');
        $form = (new ShelfSolver($look))->at(1280);
        self::assertSame('rows', $form->arrange);
        $shelf = new StandingShelf([1280, 800], $form, 100, 300, [new PlacedCard(0, 100, $form->room / 2, 100, 80, 1)], []);
        self::assertEqualsWithDelta(0.75, $shelf->white(), 1e-9);
        self::assertEqualsWithDelta(0.85, $shelf->white([0.5]), 1e-9, 'half of a picture’s frame stays empty');
        self::assertSame(0.0, (new StandingShelf([1280, 800], $form, 100, 100, [], []))->white());
    }
}
