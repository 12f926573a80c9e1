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
        // What stands within or also in what is shown does not lead back to what is not.
        $this->write('storefronts', $this->storefront()->id, ['category_ids' => 'Lamp kits']);
        // A menu says what somebody wrote into it; nothing else leads there.
        $shelf = $this->get(self::SHOP.'/category/lamp-kits')->assertOk();
        self::assertDoesNotMatchRegularExpression('~/category/paper-lanterns"><(?!span)~', (string) $shelf->getContent());
        $shelf->assertDontSee('aria-label="You are here"><a href="/shop/wrenfold/">Home</a> <a', false);
        $this->get(self::SHOP."/product/$moved->slug")->assertOk();
        $this->write('storefronts', $this->storefront()->id, ['category_ids' => 'Paper lanterns']);
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
        $room = "/workbench/looks/1/storeroom?open_kind=storefronts&open_record={$this->storefront()->id}";
        $this->actingAs($this->person('maren'))->get($room)->assertOk()->assertSee('What has no place here')
            ->assertSee('/category/glass-lanterns')
            ->assertSee('of 61 goods');
        $this->write('storefronts', $this->storefront()->id, ['category_ids' => '', 'languages' => 'fr']);
        $this->get(self::SHOP.'/')->assertOk()->assertSee('<html lang="fr"', false);
        $this->actingAs($this->person('maren'))->get($room)->assertSee('all its looks lead to is shown');
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

    public function testAStorefrontSellsInACurrencyOfItsOwn(): void
    {
        $this->actingAs($this->person('maren'))
            ->post(self::AT, ['open_kind' => 'storefronts', 'record' => $this->storefront()->id, 'column' => 'currency', 'value' => 'eur'])
            ->assertStatus(422)->assertSee('Say first at what rate');
        $this->write('storefronts', $this->storefront()->id, ['rate' => '0.915', 'currency' => 'eur']);
        // 64.00 at 0.915 are 58.56; three of them are three times that, whatever 192.00 would be.
        $this->get(self::SHOP.'/product/tidewater-glass-lantern')->assertOk()->assertSee('€58.56')->assertDontSee('$64');
        $cart = $this->fill('tidewater-glass-lantern', 3);
        \App\Models\PromotionCode::query()->create(['code' => 'FIVER', 'kind' => 'amount', 'value' => 500, 'minimum' => 19_000]);
        $this->send('/cart/code', ['code' => 'FIVER'], $cart);
        $page = $this->withUnencryptedCookies($cart)->get(self::SHOP.'/cart')->assertOk();
        $page->assertSee('€175.68')->assertSee('FIVER takes €4.58 off');
        $this->toPaying($cart);
        $this->send('/checkout/paying', ['outcome' => 'accept'], $cart)->assertRedirect();
        $order = Order::query()->latest('id')->firstOrFail();
        self::assertSame(['EUR', 17568, 458, 17110], [
            $order->currency, $order->totals['goods'], $order->totals['off'], $order->totals['total'],
        ], 'delivery is free from 60.00, which are 54.90');
        self::assertSame(17568, $order->lines[0]['sum']);
        self::assertStringContainsString('€171.10', (string) Mail::query()->latest('id')->value('html'));
        // What was ordered stays in its currency.
        $this->write('storefronts', $this->storefront()->id, ['currency' => '', 'rate' => '']);
        $this->actingAs($this->person('maren'))->get("/workbench/looks/1/storeroom?open_kind=orders&open_record=$order->id")
            ->assertOk()->assertSee('€171.10');
        $this->get(self::SHOP.'/product/tidewater-glass-lantern')->assertSee('$64');
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
