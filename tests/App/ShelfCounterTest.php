<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Category;
use App\Models\Product;
use App\Storeroom\ShelfCounter;
use Ikat\Core\Grid\ShelfCounts;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

/** What is counted at once is what each category's page shows. */
final class ShelfCounterTest extends AppTestCase
{
    private function counted(): ShelfCounts
    {
        Cache::flush();

        return app(ShelfCounter::class)->of($this->storefront());
    }

    private static function assertAsThePagesShow(ShelfCounts $counts): void
    {
        foreach (Category::query()->get() as $category) {
            foreach ([
                'all' => $category->goods(), 'stock' => $category->goods()->inStock(), 'reduced' => $category->goods()->reducedAt(now()),
            ] as $filter => $goods) {
                self::assertSame($goods->count(), $counts->of($filter)[$category->slug], "$category->slug, $filter");
            }
        }
    }

    public function testEveryShelfIsCountedWithThoseWithinItAndNothingTwice(): void
    {
        $counts = $this->counted();
        self::assertAsThePagesShow($counts);
        self::assertSame([Category::query()->count(), Product::query()->count()], [$counts->categories, $counts->products]);
        self::assertSame(14, $counts->of()['paper-lanterns']);
        // One category within another; then a product that stands in both of them, and in a third.
        $of = static fn(string $slug): int => (int) Category::query()->where('slug', $slug)->value('id');
        Category::query()->where('slug', 'candles')->update(['parent_id' => $of('workshop')]);
        self::assertAsThePagesShow($this->counted());
        self::assertSame(15, $this->counted()->of()['workshop']);
        $product = Product::query()->where('category_id', $of('candles'))->firstOrFail();
        foreach (['workshop', 'paper-lanterns'] as $place => $slug) {
            DB::table('product_categories')->insert(['product_id' => $product->id, 'category_id' => $of($slug), 'position' => $place]);
        }
        $counts = $this->counted();
        self::assertAsThePagesShow($counts);
        self::assertSame([15, 15], [$counts->of()['workshop'], $counts->of()['paper-lanterns']]);
    }

    public function testAStorefrontCountsItsOwnShelvesAlone(): void
    {
        $ids = Category::query()->whereIn('slug', ['candles', 'lamp-kits'])->pluck('id')->all();
        $this->storefront()->update(['category_ids' => $ids]);
        $counts = $this->counted();
        self::assertSame(['lamp-kits', 'candles'], array_keys($counts->shelves));
        self::assertSame([2, 19], [$counts->categories, $counts->products]);
    }
}
