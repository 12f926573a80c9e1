<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Category;
use App\Models\Mail;
use App\Models\Order;
use App\Models\Product;
use App\Models\Store;

/** What a storefront sells and where to, and what a store says of itself. */
final class StorefrontGoodsTest extends AppTestCase
{
    private const AT = '/workbench/looks/1/storeroom/cells';

    /** @param array<string, string> $cells */
    private function write(string $kind, int $id, array $cells): void
    {
        foreach ($cells as $column => $value) {
            $this->actingAs($this->person('maren'))
                ->post(self::AT, ['open_kind' => $kind, 'record' => $id, 'column' => $column, 'value' => $value])->assertOk();
        }
        $this->app->forgetScopedInstances();
    }

    public function testAStorefrontShowsItsCategoriesAloneAndThoseWithinThem(): void
    {
        $cart = $this->fill('tidewater-glass-lantern');
        $this->toPaying($cart);
        $moved = Product::query()->where('slug', 'copper-oil-lamp')->first() ?? Product::query()->where('slug', 'not like', '%paper%')
            ->whereHas('category', static fn($q) => $q->where('slug', 'lamp-kits'))->firstOrFail();
        Category::query()->where('slug', 'lamp-kits')->update(
            ['parent_id' => Category::query()->where('slug', 'paper-lanterns')->value('id')],
        );
        $this->write('storefronts', $this->storefront()->id, ['category_ids' => 'Paper lanterns']);
        $this->get(self::SHOP.'/category/paper-lanterns')->assertOk();
        $this->get(self::SHOP."/product/$moved->slug")->assertOk();
        $this->get(self::SHOP.'/category/glass-lanterns')->assertNotFound();
        $this->get(self::SHOP.'/product/tidewater-glass-lantern')->assertNotFound();
        $this->get(self::SHOP.'/search?q=tidewater')->assertOk()->assertDontSee('Tidewater glass lantern');
        $this->send('/cart/add', ['product' => 'tidewater-glass-lantern'])->assertStatus(422);
        $this->send('/checkout/paying', ['outcome' => 'accept'], $cart)->assertRedirect(self::SHOP.'/cart');
        self::assertSame(0, Order::query()->count());
        // What leads to it is told.
        $found = array_map(
            static fn($f): string => $f->key(),
            app(\App\Inspection\Inspector::class)->findings($this->look()->load('storefront.store')),
        );
        self::assertContains('target:menu:main:/category/glass-lanterns', $found);
        $this->write('storefronts', $this->storefront()->id, ['category_ids' => '']);
        $this->get(self::SHOP.'/product/tidewater-glass-lantern')->assertOk();
    }

    public function testAStorefrontSellsToItsOwnCountries(): void
    {
        $this->get(self::SHOP.'/cart')->assertOk();
        $cart = $this->fill();
        self::assertSame(['US', 'CA'], $this->storefront()->sellsTo());
        $this->write('storefronts', $this->storefront()->id, ['countries' => 'ca ie']);
        self::assertSame(['CA', 'IE'], $this->storefront()->sellsTo());
        $this->withUnencryptedCookies($cart)->get(self::SHOP.'/checkout')->assertOk()->assertSee('Ireland')->assertDontSee('United States');
        $this->post(
            self::AT,
            ['open_kind' => 'storefronts', 'record' => $this->storefront()->id, 'column' => 'countries', 'value' => 'Atlantis'],
        )
            ->assertStatus(422)->assertSee('is no country');
    }

    public function testTheStoreIsSaidInTheFooterAndInLetters(): void
    {
        $this->write('store', (int) Store::query()->value('id'), [
            'line' => 'Light, folded', 'place' => "The old mill\n4 Mill <Lane>", 'phone' => '+1 (555) 010-1987', 'hours' => 'Always',
        ]);
        $this->post(self::AT, ['open_kind' => 'store', 'record' => Store::query()->value('id'), 'column' => 'phone', 'value' => 'call us'])
            ->assertStatus(422)->assertSee('is no telephone number');
        $this->edit(['path' => 'footer.blocks', 'value' => 'reach-1'])->assertOk();
        $page = $this->get('/preview/1/now/shop/wrenfold')->assertOk();
        $page->assertSee('href="tel:+15550101987"', false)->assertSee("The old mill\n4 Mill &lt;Lane&gt;", false)->assertSee('Always');
        $this->edit(['path' => 'block.reach-1.hours', 'value' => 'off'])->assertOk();
        $this->get('/preview/1/now/shop/wrenfold')->assertDontSee('Always');
        $cart = $this->fill();
        $this->toPaying($cart);
        $this->send('/checkout/paying', ['outcome' => 'accept'], $cart)->assertRedirect();
        $letter = (string) Mail::query()->latest('id')->value('html');
        self::assertStringContainsString('Light, folded<br>The old mill<br>', str_replace("\n", '', $letter));
        self::assertStringContainsString('4 Mill &lt;Lane&gt;', $letter);
    }
}
