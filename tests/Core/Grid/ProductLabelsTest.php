<?php

declare(strict_types=1);

namespace Tests\Core\Grid;

use Ikat\Core\Grid\LabelRules;
use Ikat\Core\Grid\ProductLabels;
use Ikat\Core\Language\Dictionary;
use Ikat\Core\Store\Price;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ProductLabelsTest extends TestCase
{
    /** @param list<string> $texts */
    #[DataProvider('products')]
    public function testEachRuleGivesItsLabel(?int $stock, Price $price, string $added, ?string $own, array $texts): void
    {
        $labels = ProductLabels::of($stock, $price, new \DateTimeImmutable($added), $own, self::now());
        self::assertSame($texts, array_map(static fn(array $l): string => Dictionary::plain()->say($l['said'], $l['with']), $labels));
    }

    /** @param list<string> $texts */
    #[DataProvider('rules')]
    public function testRulesSayWhichComeFirstAndHowMany(LabelRules $rules, array $texts): void
    {
        $labels = ProductLabels::of(3, new Price(1000, 750), new \DateTimeImmutable('2026-11-20'), 'Last winter', self::now(), $rules);
        self::assertSame($texts, array_map(static fn(array $l): string => Dictionary::plain()->say($l['said'], $l['with']), $labels));
    }

    /** @return iterable<string, array{LabelRules, list<string>}> of three pieces, reduced from 10 to 7.50, added eight days ago */
    public static function rules(): iterable
    {
        $order = ['own', 'new', 'sale', 'few', 'gone'];
        yield 'as they begin' => [new LabelRules(), ['Save 25%', 'New', 'Last winter']];
        yield 'an amount, in cents' => [new LabelRules('amount'), ['Save 250', 'New', 'Last winter']];
        yield 'a word' => [new LabelRules('word'), ['Reduced', 'New', 'Last winter']];
        yield 'nothing of the price' => [new LabelRules('none'), ['New', 'Last winter']];
        yield 'new for eight days' => [new LabelRules('none', 8), ['New', 'Last winter']];
        yield 'new for seven' => [new LabelRules('none', 7), ['Last winter']];
        yield 'never new' => [new LabelRules('none', 0), ['Last winter']];
        yield 'few from three on' => [new LabelRules('none', 0, 3), ['Only 3 left', 'Last winter']];
        yield 'few from two on' => [new LabelRules('none', 0, 2), ['Last winter']];
        yield 'the first alone' => [new LabelRules(few: 5, most: 1), ['Save 25%']];
        yield 'the first two' => [new LabelRules(few: 5, most: 2), ['Save 25%', 'Only 3 left']];
        yield 'in another order' => [new LabelRules(few: 5, order: $order), ['Last winter', 'New', 'Save 25%', 'Only 3 left']];
        yield 'in another order, the first' => [new LabelRules(few: 5, most: 1, order: $order), ['Last winter']];
    }

    private static function now(): \DateTimeImmutable
    {
        return new \DateTimeImmutable('2026-11-28');
    }

    /** @return iterable<string, array{?int, Price, string, ?string, list<string>}> */
    public static function products(): iterable
    {
        yield 'plain' => [3, new Price(1000), '2026-01-01', null, []];
        yield 'not counted' => [null, new Price(1000), '2026-01-01', null, []];
        yield 'sold out' => [0, new Price(1000), '2026-01-01', null, ['Sold out']];
        yield 'reduced, never rounded up' => [3, new Price(1000, 667), '2026-01-01', null, ['Save 33%']];
        yield 'dearer than before is not reduced' => [3, new Price(900, 1000), '2026-01-01', null, []];
        yield 'new on its 45th day' => [3, new Price(1000), '2026-10-14', null, ['New']];
        yield 'not new the day after' => [3, new Price(1000), '2026-10-13', null, []];
        yield 'all of them, in their order' => [
            0,
            new Price(1000, 500),
            '2026-11-20',
            'Last winter',
            ['Sold out', 'Save 50%', 'New', 'Last winter'],
        ];
    }
}
