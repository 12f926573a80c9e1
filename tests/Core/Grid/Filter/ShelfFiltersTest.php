<?php

declare(strict_types=1);

namespace Tests\Core\Grid\Filter;

use Ikat\Core\Grid\Filter\FilteredGoods;
use Ikat\Core\Grid\Filter\FilterGroup;
use Ikat\Core\Grid\Filter\FilterOption;
use Ikat\Core\Grid\Filter\FilterQuestion;
use Ikat\Core\Grid\Filter\PriceBands;
use Ikat\Core\Grid\Filter\ShelfFilters;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ShelfFiltersTest extends TestCase
{
    /**
     * @param list<int> $prices
     * @param list<array{int, ?int}> $bands
     */
    #[DataProvider('prices')]
    public function testPricesFallIntoAFewRangesWithRoundEnds(array $prices, array $bands): void
    {
        self::assertSame($bands, PriceBands::of($prices));
    }

    /** @return iterable<string, array{list<int>, list<array{int, ?int}>}> */
    public static function prices(): iterable
    {
        yield 'four, with a quarter each' => [
            [900, 1100, 1900, 2100, 3800, 4100, 7600, 12500], [[0, 2000], [2000, 4000], [4000, 8000], [8000, null]],
        ];
        yield 'ends that fall together are one' => [
            [1000, 1900, 1950, 2000, 2050, 2100, 9000, 9500], [[0, 2000], [2000, 8000], [8000, null]],
        ];
        yield 'all cost the same' => [array_fill(0, 9, 1200), []];
        yield 'too few to choose from' => [[100, 900, 2000, 9000], []];
        yield 'less than one unit' => [[10, 20, 30, 40, 50, 60, 70], []];
    }

    public function testEachChoiceSaysWhatItWouldShow(): void
    {
        $found = self::filters(new FilterQuestion());
        self::assertSame(
            [
                'stock ' => ['1' => 5], 'reduced ' => ['1' => 2],
                'fact Of' => ['Paper' => 4, 'Glass' => 2], 'fact 2024' => ['7' => 4, '8' => 2],
            ],
            self::counts($found),
        );
        self::assertCount(6, $found->matching);
    }

    public function testWithinAGroupAnyMayHoldBetweenGroupsAll(): void
    {
        $paper = self::filters(new FilterQuestion(facts: ['Of' => ['Paper']]));
        self::assertSame([1, 2, 3, 4], $paper->matching);
        // The other values of its own group are counted as if it were not chosen, all else among what shows.
        self::assertSame(['Paper' => 4, 'Glass' => 2], self::counts($paper)['fact Of']);
        self::assertSame(['1' => 3], self::counts($paper)['stock ']);
        self::assertSame([1, 2, 3, 4, 5, 6], self::filters(new FilterQuestion(facts: ['Of' => ['Paper', 'Glass']]))->matching);
        self::assertSame([1, 2], self::filters(new FilterQuestion(true, true))->matching);
        self::assertSame([2], self::filters(new FilterQuestion(true, false, [], ['Of' => ['Paper'], '2024' => ['8']]))->matching);
    }

    public function testWhatIsNotOfferedIsNotAskedFor(): void
    {
        $old = self::filters(new FilterQuestion(prices: ['0-900', 'x'], facts: ['Of' => ['Tin'], 'Was' => ['so']]));
        self::assertTrue($old->asked->isEmpty());
        self::assertCount(6, $old->matching);
        self::assertSame(['stock ', 'reduced '], array_keys(self::counts(self::filters(new FilterQuestion(), false))));
    }

    public function testFactsThatTellNothingApartAreNotOffered(): void
    {
        $goods = array_map(static fn(int $n): FilteredGoods => new FilteredGoods($n, 1000, true, false, [
            'Made' => 'By hand', 'Number' => "No. $n", 'Size' => $n % 2 ? 'large' : 'small',
            ...$n < 3 ? ['Rare' => $n === 1 ? 'a' : 'b'] : [],
        ]), range(1, 20));
        $offered = (new ShelfFilters($goods, new FilterQuestion(), true, true))->groups;
        self::assertSame(['', 'Size'], array_map(static fn(FilterGroup $g): string => $g->name, $offered));
    }

    /** Against going through every product for every choice. */
    public function testCountsAreThoseOfGoingThroughAll(): void
    {
        mt_srand(19);
        for ($round = 0; $round < 60; $round++) {
            $goods = array_map(static fn(int $n): FilteredGoods => new FilteredGoods(
                $n,
                100 * mt_rand(5, 200),
                mt_rand(0, 3) > 0,
                mt_rand(0, 4) === 0,
                ['Of' => ['paper', 'glass', 'tin'][mt_rand(0, 2)], 'For' => ['table', 'garden'][mt_rand(0, 1)]],
            ), range(1, mt_rand(8, 60)));
            $prices = array_map(static fn(FilteredGoods $g): int => $g->price, $goods);
            $bands = array_map(FilterQuestion::range(...), PriceBands::of($prices));
            $some = static fn(array $of): array => array_values(array_filter($of, static fn(): bool => mt_rand(0, 2) === 0));
            $asked = new FilterQuestion(mt_rand(0, 1) === 1, mt_rand(0, 3) === 0, $some($bands), [
                'Of' => $some(['paper', 'glass', 'tin']), 'For' => $some(['table', 'garden']),
            ]);
            $found = new ShelfFilters($goods, $asked, true, true);
            self::assertSame(self::plainly($goods, $asked), $found->matching);
            foreach ($found->groups as $group) {
                foreach ($group->options as $option) {
                    self::assertSame(count(self::plainly($goods, self::only($asked, $group, $option))), $option->count);
                }
            }
        }
    }

    public function testAChoiceIsTurnedOnAndOff(): void
    {
        $turned = static fn(FilterQuestion $asked): FilterQuestion => $asked->turned('fact', 'Of', 'Paper')->turned('fact', 'Of', 'Glass')
            ->turned('price', '', '0-2000')->turned('stock', '', '1');
        $asked = $turned(new FilterQuestion());
        self::assertEquals(new FilterQuestion(true, false, ['0-2000'], ['Of' => ['Paper', 'Glass']]), $asked);
        self::assertEquals(new FilterQuestion(), $turned($asked));
    }

    private static function filters(FilterQuestion $asked, bool $byFacts = true): ShelfFilters
    {
        $goods = static fn(int $id, bool $inStock, bool $isReduced, string $of, string $year): FilteredGoods
            => new FilteredGoods($id, 1000, $inStock, $isReduced, ['Of' => $of, '2024' => $year]);

        return new ShelfFilters([
            $goods(1, true, true, 'Paper', '7'), $goods(2, true, true, 'Paper', '8'), $goods(3, true, false, 'Paper', '7'),
            $goods(4, false, false, 'Paper', '7'), $goods(5, true, false, 'Glass', '7'), $goods(6, true, false, 'Glass', '8'),
        ], $asked, true, $byFacts);
    }

    /** @return array<string, array<array-key, ?int>> kind and name => value => products */
    private static function counts(ShelfFilters $filters): array
    {
        $counts = [];
        foreach ($filters->groups as $group) {
            $counts["$group->kind $group->name"] = array_combine(
                array_map(static fn(FilterOption $o): string => $o->value, $group->options),
                array_map(static fn(FilterOption $o): ?int => $o->count, $group->options),
            );
        }

        return $counts;
    }

    /**
     * @param list<FilteredGoods> $goods
     *
     * @return list<int>
     */
    private static function plainly(array $goods, FilterQuestion $asked): array
    {
        $ids = [];
        foreach ($goods as $each) {
            $fits = (! $asked->inStock || $each->inStock) && (! $asked->reduced || $each->isReduced);
            $inRange = $asked->prices === [];
            foreach ($asked->prices as $range) {
                [$from, $to] = explode('-', $range);
                $inRange = $inRange || ($each->price >= (int) $from && ($to === '' || $each->price < (int) $to));
            }
            foreach ($asked->facts as $name => $values) {
                $fits = $fits && ($values === [] || in_array($each->facts[$name], $values, true));
            }
            if ($fits && $inRange) {
                $ids[] = $each->id;
            }
        }

        return $ids;
    }

    /** The same with one choice alone in its group. */
    private static function only(FilterQuestion $asked, FilterGroup $group, FilterOption $option): FilterQuestion
    {
        return new FilterQuestion(
            $group->kind === 'stock' || $asked->inStock,
            $group->kind === 'reduced' || $asked->reduced,
            $group->kind === 'price' ? [$option->value] : $asked->prices,
            $group->kind === 'fact' ? [...$asked->facts, $group->name => [$option->value]] : $asked->facts,
        );
    }
}
