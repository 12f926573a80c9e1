<?php

declare(strict_types=1);

namespace Tests\Core\Check;

use Ikat\Core\Check\Inspection;
use Ikat\Core\Check\SettingFinding;
use Ikat\Core\Check\StrayGoods;
use Ikat\Core\Grid\ShelfCounts;
use PHPUnit\Framework\TestCase;
use Tests\Core\Fixtures;

final class StrayGoodsTest extends TestCase
{
    public function testAProductByItselfInARowOfThreeOrMoreIsFound(): void
    {
        // Rows of 2, 3 and 4: 13 leaves one alone on all, 10 on a tablet, 9 on a desktop; two in a row are told of on no phone.
        self::assertSame(
            [
                'stray:tablet' => 'On a tablet one product stands alone in the last row of “A” and of one more shelf',
                'stray:desktop' => 'On a desktop one product stands alone in the last row of “A” and of one more shelf',
            ],
            self::found(['A' => 13, 'B' => 10, 'C' => 9, 'D' => 12]),
        );
        self::assertSame(
            ['stray:desktop' => 'On a desktop one product stands alone in the last row of “A”'],
            self::found(['A' => 9, 'D' => 12, 'E' => 1, 'F' => 0]),
        );
        self::assertSame([], self::found(['D' => 12, 'E' => 1]), 'one is all there is');
    }

    public function testEachPageHasALastRow(): void
    {
        self::assertSame(['stray:desktop'], array_keys(self::found(['A' => 20], ['grid.count' => 17.0])), 'of 17 one, of 3 none');
        self::assertSame([], self::found(['A' => 24], ['grid.count' => 12.0]));
    }

    public function testATileThatLeadsOnLeavesNoneAlone(): void
    {
        self::assertSame([], self::found(['A' => 13], ['grid.last' => 'more']));
    }

    /**
     * @param array<string, int> $shelves name => products
     * @param array<string, float|string> $own
     *
     * @return array<string, string> key => title
     */
    private static function found(array $shelves, array $own = []): array
    {
        $counts = [];
        foreach ($shelves as $name => $many) {
            $counts["shelf-$name"] = ['name' => $name, 'all' => $many];
        }
        $input = (new Inspection(Fixtures::look(['grid.last' => 'leave', ...$own]), Fixtures::theme()))
            ->with(new ShelfCounts($counts, count($counts), array_sum($shelves)));
        $found = [];
        foreach ((new StrayGoods())->run($input) as $finding) {
            self::assertInstanceOf(SettingFinding::class, $finding);
            self::assertSame(['grid.last' => 'more'], $finding->fix);
            $found[$finding->key()] = $finding->inWords($input);
        }

        return $found;
    }
}
