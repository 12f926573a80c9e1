<?php

declare(strict_types=1);

namespace Tests\Core\Grid;

use Ikat\Core\Grid\FullerRows;
use Ikat\Core\Grid\ShelfLook;
use Ikat\Core\Grid\ShelfSolver;
use PHPUnit\Framework\TestCase;

final class FullerRowsTest extends TestCase
{
    private static function ways(int $products, int $count = 24, string $last = 'leave'): FullerRows
    {
        $look = new ShelfLook(['phone' => 2, 'tablet' => 3, 'desktop' => 4], 24, 1168, 0, $count, $last);

        return new FullerRows(new ShelfSolver($look), $products, 1280);
    }

    public function testTheNearestColumnsThatLeaveFewerEmptyAreFound(): void
    {
        // 14 in fours leave 2 places; in threes 1, in fives 1, in twos none: three is the nearest.
        [$columns, $solver] = self::ways(14)->columns(range(2, 6)) ?? [0, null];
        self::assertSame([2.0, 3, 1.0], [self::ways(14)->empty(), $columns, $solver?->empty([14], 1280)]);
        // 10 in fours leave 2; only fives and twos leave none, and fives are nearer.
        self::assertSame(5, (self::ways(10)->columns(range(2, 6)) ?? [0])[0]);
        self::assertNull(self::ways(12)->columns(range(2, 6)), 'nothing is empty');
        self::assertNull(self::ways(14, last: 'more')->columns(range(2, 6)), 'a tile fills it');
    }

    public function testAPageIsCutToItsFullRowsWhereThatIsBetter(): void
    {
        // 34 on pages of 18: 18 and 16 leave 2; on pages of 16: 16, 16 and 2 leave 2 as well.
        self::assertNull(self::ways(34, 18)->page());
        // 36 on pages of 18 leave 2 twice; on pages of 16: 16, 16 and 4 leave none.
        self::assertSame(16, (self::ways(36, 18)->page() ?? [0])[0]);
        self::assertNull(self::ways(3, 24)->page(), 'fewer than a page has at least');
    }
}
