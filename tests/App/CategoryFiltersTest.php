<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Category;
use App\Models\Product;
use App\Storefront\CategoryFilters;

/** A category's page asked for less. */
final class CategoryFiltersTest extends AppTestCase
{
    private const SHELF = '/shop/wrenfold/category/paper-lanterns';

    public function testFactsAndPricesAreAskedFor(): void
    {
        $category = Category::query()->where('slug', 'paper-lanterns')->firstOrFail();
        $for = 'a hook';
        $fits = $category->goods()->get()->filter(static fn(Product $p): bool => ($p->facts['For'] ?? '') === $for);
        self::assertNotEmpty($fits);
        $page = $this->get(self::SHELF.'?'.http_build_query(['fact' => ['For' => [$for]]]))->assertOk();
        $page->assertSee($fits->count() === 1 ? '1 product' : $fits->count().' products');
        foreach ($category->goods()->get() as $product) {
            self::assertSame(
                $fits->contains('id', $product->id),
                str_contains((string) $page->getContent(), "/product/$product->slug\""),
                $product->name,
            );
        }
    }

    public function testWhatIsNoQuestionIsRefusedInASentence(): void
    {
        foreach (['price=10', 'fact=Of', 'fact[Of]=Paper', 'fact[Of][a][]=b'] as $query) {
            $this->get(self::SHELF."?$query")->assertStatus(422);
        }
        $this->get(self::SHELF.'?fact[Of][]=%3Cscript%3E&price[]=0--')->assertOk()->assertDontSee('<script>alert', false);
    }

    /** Where nothing is offered, an old address hides nothing. */
    public function testAnAddressAsksForNothingThatIsNotOffered(): void
    {
        $preview = '/preview/'.$this->look()->id.'/now'.self::SHELF;
        $this->edit(['changes' => '{"grid.filters":"none"}'])->assertOk();
        $this->get("$preview?stock=1&reduced=1")->assertOk()->assertSee('14 products')->assertDontSee('Asked for');
        $this->edit(['changes' => '{"grid.filters":"above"}'])->assertOk();
        $this->get("$preview?stock=1&reduced=1")->assertOk()->assertDontSee('14 products')->assertSee('Asked for');
    }

    /** A storefront that sells in another currency has ranges in that. */
    public function testRangesAreInTheCurrencyOfTheStorefront(): void
    {
        $look = $this->look();
        $look->storefront->forceFill(['currency' => 'EUR', 'rate' => 500_000])->save();
        $prices = Category::query()->where('slug', 'paper-lanterns')->firstOrFail()->goods()->get()
            ->map(static fn(Product $p): int => $p->priceOf()->at(now()));
        $html = (string) $this->get(self::SHELF)->assertOk()->getContent();
        self::assertSame(1, preg_match_all('~value="(\d+)-"~', $html, $m));
        self::assertLessThanOrEqual($prices->max() / 2, (int) $m[1][0], 'half as many, at half a euro for one');
        self::assertStringContainsString('€'.intdiv((int) $m[1][0], 100).' and more', $html);
    }

    /** Of very many products only what the database knows is asked. */
    public function testAVeryLargeCategoryIsStillAskedForLess(): void
    {
        $category = Category::query()->where('slug', 'candles')->firstOrFail();
        $row = Product::query()->firstOrFail()->getAttributes();
        unset($row['id']);
        foreach (array_chunk(range(1, CategoryFilters::MOST + 1), 500) as $some) {
            Product::query()->insert(array_map(static fn(int $n): array => [
                ...$row, 'slug' => "many-$n", 'name' => "Many $n", 'category_id' => $category->id,
                'stock' => $n === 7 ? 3 : 0, 'reduced' => null, 'position' => 100 + $n,
            ], $some));
        }
        $html = (string) $this->get('/shop/wrenfold/category/candles?stock=1&sort=new')->assertOk()->assertSee('Many 7')->getContent();
        self::assertStringNotContainsString('name="fact', $html);
        self::assertStringContainsString('name="stock"', $html);
    }
}
