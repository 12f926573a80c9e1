<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Category;
use App\Models\Product;

/** Goods have their place in each category: what is placed by hand comes first there, and nowhere else. */
final class CategoryShelfTest extends AppTestCase
{
    /** @return list<string> slugs on the first page of a category */
    private function shelf(string $category, string $more = ''): array
    {
        $html = (string) $this->get(self::SHOP."/category/$category$more")->assertOk()->getContent();
        $grid = (string) preg_replace('~^.*?<ul class="grid[^>]*>~s', '', $html);
        preg_match_all('~/product/([a-z0-9-]+)"~', $grid, $m);

        return array_values(array_unique($m[1]));
    }

    public function testWhatIsPlacedByHandComesFirstInThatCategoryAlone(): void
    {
        $category = Category::query()->where('slug', 'paper-lanterns')->firstOrFail();
        $before = $this->shelf('paper-lanterns');
        [$a, $b] = [$before[4], $before[2]];
        $names = Product::query()->whereIn('slug', [$a, $b])->pluck('name', 'slug');
        $this->actingAs($this->person('tobias'))->post('/workbench/looks/1/storeroom/cells', [
            'open_kind' => 'categories', 'record' => $category->id, 'column' => 'first_goods', 'value' => "{$names[$a]}; $b",
        ])->assertOk();
        self::assertSame([$a, $b, ...array_values(array_diff($before, [$a, $b]))], $this->shelf('paper-lanterns'));
        $low = $this->shelf('paper-lanterns', '?sort=low');
        self::assertNotSame($a, $low[0], 'whoever sorts by price gets that order');
        // A product also in another category stands there as all goods stand.
        $product = Product::query()->where('slug', $a)->firstOrFail();
        \Illuminate\Support\Facades\DB::table('product_categories')->insert([
            'product_id' => $product->id, 'category_id' => Category::query()->where('slug', 'candles')->value('id'), 'position' => 1,
        ]);
        $candles = Product::query()->whereIn('slug', $this->shelf('candles'))->orderBy('position')->orderBy('id')->pluck('slug')->all();
        self::assertSame($candles, $this->shelf('candles'));
        $this->post('/workbench/looks/1/storeroom/undo')->assertOk();
        self::assertSame($before, $this->shelf('paper-lanterns'));
    }
}
