<?php

declare(strict_types=1);

namespace Tests\Core\Grid;

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
        $labels = ProductLabels::of($stock, $price, new \DateTimeImmutable($added), $own, new \DateTimeImmutable('2026-11-28'));
        self::assertSame($texts, array_map(static fn(array $l): string => Dictionary::plain()->say($l['said'], $l['with']), $labels));
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
