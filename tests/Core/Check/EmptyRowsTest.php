<?php

declare(strict_types=1);

namespace Tests\Core\Check;

use Ikat\Core\Check\EmptyRows;
use Ikat\Core\Check\Inspection;
use Ikat\Core\Check\SettingFinding;
use Ikat\Core\Check\StoreContents;
use Ikat\Core\Grid\ShelfCounts;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Fixtures;

final class EmptyRowsTest extends TestCase
{
    /** @param array<string, bool|float|string> $own */
    #[DataProvider('rows')]
    public function testARowThatShowsNothingSaysWhy(array $own, ?string $why, int $products = 12, int $featured = 3): void
    {
        $input = (new Inspection(Fixtures::look(['home.bands' => 'lead-1,row-1', ...$own]), Fixtures::theme()))
            ->with(new ShelfCounts(products: $products, featured: $featured))
            ->with(new StoreContents(products: ['lantern', 'shade']));
        $found = [];
        foreach ((new EmptyRows())->run($input) as $finding) {
            self::assertInstanceOf(SettingFinding::class, $finding);
            self::assertSame(['band.row-1.source' => 'sold'], $finding->fix);
            $found[] = $finding->inWords($input);
        }
        self::assertSame($why === null ? [] : ["Product row is empty: $why"], $found);
    }

    /** @return iterable<string, array{0: array<string, bool|float|string>, 1: ?string, 2?: int, 3?: int}> */
    public static function rows(): iterable
    {
        $source = static fn(string $source, string $chosen = ''): array => [
            'band.row-1.source' => $source, 'band.row-1.products' => $chosen,
        ];
        yield 'featured products, and there are some' => [$source('featured'), null];
        yield 'none is featured' => [$source('featured'), 'it shows featured products, and none is featured', 12, 0];
        yield 'one that is hidden may be empty' => [[...$source('featured'), 'band.row-1.show' => false], null, 12, 0];
        yield 'the newest are always some' => [$source('new'), null, 12, 0];
        yield 'chosen, and one of them is there' => [$source('hand', 'gone,shade'), null];
        yield 'none chosen' => [$source('hand'), 'it shows products chosen by hand, and none is chosen'];
        yield 'the only one chosen is gone' => [$source('hand', 'gone'), 'the product chosen for it is gone'];
        yield 'all that were chosen are gone' => [$source('hand', 'gone,lost'), 'all 2 products chosen for it are gone'];
        yield 'a store without products has nothing to put there' => [$source('featured'), null, 0, 0];
    }
}
