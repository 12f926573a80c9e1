<?php

declare(strict_types=1);

namespace Tests\App;

use App\Inspection\Inspector;
use App\Models\CartLine;
use App\Models\Category;
use App\Models\DeliveryOffer;
use App\Models\Look;
use App\Models\Mail;
use App\Models\Order;
use App\Models\Page;
use App\Models\Picture;
use App\Models\Product;
use App\Models\PromotionCode;
use App\Models\TaxRate;
use App\Storefront\PageCache;
use App\Storeroom\PictureUses;
use Illuminate\Support\Facades\DB;

/** Prices that are reduced for a while, and products that come in several ways, as customers meet them. */
final class VariantsTest extends AppTestCase
{
    private const HERON = 'heron-folding-lantern';

    public function testAPriceIsReducedForAsLongAsItSaysEverywhere(): void
    {
        $this->travelTo('2026-11-30 12:00:30');
        $moth = Product::query()->firstWhere('slug', 'moth-paper-globe');
        self::assertNotNull($moth);
        $moth->update([
            'price' => 2900, 'reduced' => 2500, 'reduced_from' => '2026-11-30 12:01:00', 'reduced_until' => '2026-12-01 00:00:00',
        ]);
        DB::table('storefronts')->increment('content_version');
        $page = self::SHOP.'/product/moth-paper-globe';
        $this->get($page)->assertOk()->assertSee('$29')->assertDontSee('$25');
        $before = $this->finished($page);
        $this->travelTo('2026-11-30 12:01:00');
        self::assertNotSame($before, $this->finished($page), 'The front door looks for another page once the price has turned.');
        $this->get($page)->assertSee('$25')->assertSee('Save 13%');
        $this->get(self::SHOP.'/category/paper-lanterns?sort=low&reduced=1')->assertSee('Moth paper globe');
        $cart = $this->fill('moth-paper-globe', 2);
        $this->withUnencryptedCookies($cart)->get(self::SHOP.'/cart')->assertSee('$50.00');
        $this->travelTo('2026-12-01 00:00:00');
        $this->get($page)->assertDontSee('$25');
        $this->withUnencryptedCookies($cart)->get(self::SHOP.'/cart')->assertSee('$58.00');
    }

    public function testTheShopWindowShowsThePriceOfTheMomentItsClockIsSetTo(): void
    {
        Product::query()->where('slug', 'moth-paper-globe')->update([
            'price' => 2900, 'reduced' => 2500, 'reduced_from' => '2027-03-01 17:00:00', 'reduced_until' => null,
        ]);
        $at = fn(string $moment): string => "/preview/{$this->look()->id}/$moment/shop/wrenfold/product/moth-paper-globe";
        $this->actingAs($this->person('maren'))->get($at('now'))->assertOk()->assertDontSee('$25');
        $this->get($at('20270302-1200'))->assertOk()->assertSee('$25');
    }

    public function testOneWayIsChosenPricedKeptApartAndTakenOutOfItsOwnStock(): void
    {
        $this->get(self::SHOP.'/product/'.self::HERON)->assertOk()->assertSee('>from</span>', false)->assertSee('Size')->assertSee('28 in');
        $this->edit(['path' => 'card.button', 'value' => '1'])->assertOk();
        $card = (string) $this->get("/preview/{$this->look()->id}/now".self::SHOP.'/search?q=heron')->getContent();
        self::assertStringContainsString('Choose', $card);
        $this->send('/cart/add', ['product' => self::HERON, 'choice' => ['28 in', 'Indigo']])->assertStatus(422)
            ->assertSee('That is not made just now');
        $this->send('/cart/add', ['product' => self::HERON])->assertStatus(422);
        $cart = $this->fill(self::HERON, 2, ['14 in', 'Natural']);
        $this->send('/cart/add', ['product' => self::HERON, 'choice' => ['28 in', 'Ember'], 'quantity' => 9], $cart)->assertStatus(303);
        $lines = CartLine::query()->orderBy('id')->get();
        self::assertSame(['14 in / Natural' => 2, '28 in / Ember' => 1], $lines->pluck('quantity', 'variant')->all());
        // Two at 30.00, and one at 30.00 and 18.00 more for its size.
        $this->withUnencryptedCookies($cart)->get(self::SHOP.'/cart')->assertSee('28 in / Ember')->assertSee('$108.00');
        $this->toPaying($cart);
        $this->send('/checkout/paying', ['outcome' => 'accept'], $cart)->assertRedirect();
        $heron = Product::query()->where('slug', self::HERON)->sole();
        self::assertSame([21, 4, 0], [$heron->stock, $heron->left('14 in / Natural'), $heron->left('28 in / Ember')]);
        $order = Order::query()->latest('id')->firstOrFail();
        self::assertSame('Heron folding lantern, 28 in / Ember', $order->lines[1]['name']);
        self::assertSame(10_800, $order->totals['goods']);
    }

    public function testWaysWithoutStockOfTheirOwnShareThatOfTheProduct(): void
    {
        Product::query()->where('slug', self::HERON)->update(['variants' => '[]', 'stock' => 3]);
        $cart = $this->fill(self::HERON, 2, ['14 in', 'Natural']);
        $this->send('/cart/add', ['product' => self::HERON, 'choice' => ['28 in', 'Moss'], 'quantity' => 2], $cart);
        $this->toPaying($cart);
        $this->send('/checkout/paying', ['outcome' => 'accept'], $cart)->assertStatus(422)->assertSee('Heron folding lantern');
        self::assertSame(3, Product::query()->where('slug', self::HERON)->value('stock'));
    }

    public function testGoodsThatAreNotCountedNeverSellOut(): void
    {
        Product::query()->where('slug', 'moth-paper-globe')->update(['stock' => null]);
        $this->get(self::SHOP.'/product/moth-paper-globe')->assertDontSee('Sold out for now');
        $cart = $this->fill('moth-paper-globe', 99);
        $this->toPaying($cart);
        $this->send('/checkout/paying', ['outcome' => 'accept'], $cart)->assertRedirect();
        self::assertNull(Product::query()->where('slug', 'moth-paper-globe')->value('stock'));
    }

    public function testTaxDeliveryAndAGiftAreThoseOfTheCountryTheWeightAndTheCode(): void
    {
        $post = DeliveryOffer::query()->where('name', 'Standard post')->sole();
        $post->update(['most_grams' => 1000, 'countries' => ['US']]);
        $moth = Product::query()->where('slug', 'moth-paper-globe')->sole();
        $moth->update(['weight' => 600]);
        TaxRate::query()->create(['country' => 'US', 'normal' => 800, 'reduced' => 0, 'within' => false]);
        $gift = Product::query()->where('slug', 'little-watch-lantern')->sole();
        $gift->update(['stock' => 1]);
        PromotionCode::query()->create(['code' => 'WATCH', 'kind' => 'gift', 'value' => 0, 'gift_id' => $gift->id, 'minimum' => 0]);

        $cart = $this->fill('moth-paper-globe', 1);
        $this->send('/cart/code', ['code' => 'watch'], $cart)->assertRedirect();
        $this->withUnencryptedCookies($cart)->get(self::SHOP.'/cart')->assertSee('With it, for nothing:')
            ->assertSee('Little watch lantern');
        $this->toPaying($cart);
        // 29.00 and 6.50 for the post; 8% of both is 2.84.
        $this->withUnencryptedCookies($cart)->get(self::SHOP.'/checkout/paying')->assertSee('$2.84')->assertSee('$38.34');
        // It grows too heavy for the post after that was chosen.
        $this->send('/cart/add', ['product' => 'moth-paper-globe', 'quantity' => 1], $cart);
        $this->send('/checkout/paying', ['outcome' => 'accept'], $cart)->assertRedirect(self::SHOP.'/checkout/delivery');
        $this->withUnencryptedCookies($cart)->get(self::SHOP.'/checkout/delivery')->assertDontSee('Standard post')
            ->assertSee('Express cart');
        $this->send('/checkout/delivery', ['offer' => $post->id], $cart)->assertStatus(422);
        $line = CartLine::query()->latest('id')->sole();
        $this->send('/cart/change', ['line' => $line->id, 'quantity' => 1], $cart);
        $received = $this->send('/checkout/paying', ['outcome' => 'accept'], $cart)->assertRedirect();
        $order = Order::query()->latest('id')->firstOrFail();
        self::assertSame(['name' => 'Little watch lantern', 'quantity' => 1, 'sum' => 0], $order->lines[1]);
        self::assertSame([284, 3834, 'WATCH'], [$order->totals['tax'], $order->totals['total'], $order->totals['code']]);
        $this->get((string) $received->headers->get('Location'))->assertSee('$2.84');
        self::assertSame(0, $gift->fresh()?->stock);
        self::assertStringContainsString('$2.84', Mail::query()->latest('id')->firstOrFail()->html);
    }

    public function testWhatAProductSaysStandsBesideItFirst(): void
    {
        $named = ['clear-lamp-oil', 'round-wick-quarter-inch'];
        $related = Product::query()->whereIn('slug', $named)->orderByDesc('slug')->pluck('id')->all();
        $moth = Product::query()->where('slug', 'moth-paper-globe')->sole();
        $moth->update(['related' => $related]);
        $page = (string) $this->get(self::SHOP.'/product/moth-paper-globe')->assertOk()->getContent();
        preg_match_all('~<h3 class="card-name"><a href="[^"]*/product/([^"]+)"~', $page, $m);
        self::assertSame(['round-wick-quarter-inch', 'clear-lamp-oil'], array_slice($m[1], 0, 2));
        self::assertCount(4, array_unique($m[1]));
        self::assertNotContains('moth-paper-globe', $m[1]);
    }

    public function testAPageThatIsPutAwayIsNowhereInTheShopAndWhatLeadsToItIsTold(): void
    {
        $this->get(self::SHOP.'/page/delivery')->assertOk();
        $this->actingAs($this->person('maren'));
        $this->post("/workbench/looks/{$this->look()->id}/storeroom/cells", [
            'open_kind' => 'pages', 'record' => Page::query()->where('slug', 'delivery')->value('id'), 'column' => 'away', 'value' => 'yes',
        ])->assertOk();
        $this->get(self::SHOP.'/page/delivery')->assertNotFound();
        $this->get(self::SHOP.'/')->assertDontSee('<a href="/shop/wrenfold/page/delivery">Delivery</a>', false);
        $found = array_map(
            static fn($f): string => $f->inWords(app(Inspector::class)->inspect(Look::query()->firstOrFail())),
            app(Inspector::class)->findings($this->look()),
        );
        self::assertNotSame([], array_filter($found, static fn(string $f): bool => str_contains($f, '/page/delivery')));
        $this->post("/workbench/looks/{$this->look()->id}/storeroom/undo")->assertOk();
        $this->get(self::SHOP.'/page/delivery')->assertOk();
    }

    public function testAProductStandsInSeveralCategoriesAndACategoryWithinAnother(): void
    {
        $this->actingAs($this->person('maren'));
        $write = fn(string $kind, int $record, string $column, string $value) => $this->post(
            "/workbench/looks/{$this->look()->id}/storeroom/cells",
            ['open_kind' => $kind, 'record' => $record, 'column' => $column, 'value' => $value],
        );
        $moth = Product::query()->where('slug', 'moth-paper-globe')->sole();
        $this->get(self::SHOP.'/category/workshop')->assertDontSee('Moth paper globe');
        $write('goods', $moth->id, 'more_categories', 'Workshop; Candles')->assertOk();
        $this->get(self::SHOP.'/category/workshop')->assertSee('Moth paper globe');
        $this->get(self::SHOP.'/category/candles?stock=1&sort=low')->assertSee('Moth paper globe');
        $this->get(self::SHOP.'/category/paper-lanterns')->assertSee('Moth paper globe');
        $kits = Category::query()->where('slug', 'lamp-kits')->sole();
        $write('categories', $kits->id, 'parent_id', 'Candles')->assertOk();
        $write('categories', $kits->id, 'pictures', 'moth-paper-globe lead')->assertStatus(422)->assertSee('One picture alone');
        $write('categories', $kits->id, 'pictures', 'lead')->assertOk();
        $this->get(self::SHOP.'/category/candles')->assertSee('Within Candles')->assertSee('Harbor lantern kit');
        $this->get(self::SHOP.'/category/lamp-kits')->assertSee('category-picture')->assertSee('/category/candles"', false);
        $shown = ['open_kind' => 'pictures', 'ids' => $kits->refresh()->picture_id];
        $this->post("/workbench/looks/{$this->look()->id}/storeroom/delete", $shown)->assertStatus(422);
        $candles = ['open_kind' => 'categories', 'ids' => Category::query()->where('slug', 'candles')->value('id')];
        $this->post("/workbench/looks/{$this->look()->id}/storeroom/delete", $candles)->assertStatus(422)->assertSee('stand in it');
        foreach (range(1, 3) as $undone) {
            $this->post("/workbench/looks/{$this->look()->id}/storeroom/undo")->assertOk();
        }
        $this->get(self::SHOP.'/category/workshop')->assertDontSee('Moth paper globe');
        $this->get(self::SHOP.'/category/candles')->assertDontSee('Harbor lantern kit');
    }

    public function testAGiftIsGivenOnlyOfWhatIsLeftAfterWhatIsPaidFor(): void
    {
        $watch = Product::query()->where('slug', 'little-watch-lantern')->sole();
        $watch->update(['stock' => 1]);
        PromotionCode::query()->create(['code' => 'WATCH', 'kind' => 'gift', 'value' => 0, 'gift_id' => $watch->id, 'minimum' => 0]);
        $cart = $this->fill('little-watch-lantern', 1);
        $this->send('/cart/code', ['code' => 'watch'], $cart)->assertRedirect();
        $this->withUnencryptedCookies($cart)->get(self::SHOP.'/cart')->assertDontSee('With it, for nothing:');
        $this->toPaying($cart);
        $this->send('/checkout/paying', ['outcome' => 'accept'], $cart)->assertRedirect();
        self::assertSame([1, 0], [count(Order::query()->latest('id')->firstOrFail()->lines), $watch->refresh()->stock]);
    }

    public function testAWayIsShownByItsOwnPictureWhichIsNotDeleted(): void
    {
        $picture = Picture::query()->where('name', 'lead')->sole();
        $heron = Product::query()->where('slug', self::HERON)->sole();
        $heron->update(['variants' => [...$heron->variants ?? [], '14 in / Ember' => ";3;;$picture->id"]]);
        $page = (string) $this->get(self::SHOP.'/product/'.self::HERON)->assertOk()->getContent();
        preg_match('/data-ways="([^"]*)"/', $page, $m);
        $ways = json_decode(html_entity_decode($m[1]), true, 8, JSON_THROW_ON_ERROR);
        self::assertSame([2, null], [$ways['14 in / Ember'][3], $ways['14 in / Natural'][3]]);
        self::assertMatchesRegularExpression('~data-picture="2">.{0,400}/lead-~s', $page);
        $cart = $this->fill(self::HERON, 1, ['14 in', 'Ember']);
        $this->withUnencryptedCookies($cart)->get(self::SHOP.'/cart')->assertSee('/lead-', false);
        self::assertContains($picture->id, app(PictureUses::class)->inWays());
        self::assertSame(['Heron folding lantern'], array_values(app(PictureUses::class)->products($picture->id)));
        // In one question, however many lines.
        $this->fill(self::HERON, 1, ['20 in', 'Natural']);
        DB::enableQueryLog();
        $this->withUnencryptedCookies($cart)->get(self::SHOP.'/cart')->assertOk();
        $asked = array_filter(DB::getQueryLog(), static fn(array $q): bool => str_contains($q['query'], 'from `pictures`'));
        self::assertLessThanOrEqual(3, count($asked));
    }

    private function finished(string $page): string
    {
        $storefront = $this->storefront();
        $turned = (string) DB::scalar(PageCache::TURNED.' from storefronts s where s.id = :id', [
            ...PageCache::turns(now()->getTimestamp()), 'id' => $storefront->id,
        ]);

        return PageCache::state(now()->getTimestamp(), $turned);
    }
}
