<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Cart;
use App\Models\Category;
use App\Models\NewsletterSubscriber;
use App\Models\Order;
use App\Models\Product;
use App\Models\PromotionCode;
use Illuminate\Support\Facades\DB;

final class ShopTest extends AppTestCase
{
    public function testEveryKindOfPageAnswers(): void
    {
        foreach ([
            '/' => 200, '/category/paper-lanterns' => 200, '/category/none' => 404, '/product/heron-folding-lantern' => 200,
            '/product/none' => 404, '/search' => 200, '/search?q=wick' => 200, '/search?q=%25' => 200, '/page/delivery' => 200,
            '/page/none' => 404, '/cart' => 200, '/a/b/c' => 404,
        ] as $path => $status) {
            $this->get(self::SHOP.$path)->assertStatus($status);
        }
        $this->get('/shop/none/')->assertNotFound();
    }

    public function testTheFlawsOfARealCatalogAreShownWell(): void
    {
        $this->get(self::SHOP.'/product/chimney-brush')->assertSee('No picture yet')->assertSee('Sold out');
        $this->get(self::SHOP.'/category/paper-lanterns?reduced=1')->assertSee('Heron folding lantern')->assertDontSee('Moth paper globe');
        $this->get(self::SHOP.'/category/workshop?reduced=1')->assertSee('Nothing here fits');
        $this->get(self::SHOP.'/search?q=zebra')->assertSee('Nothing found');
        $this->get(self::SHOP.'/cart')->assertSee('Nothing in your cart yet');
    }

    /** The full-text index knows nothing of what a transaction under way has written; a search does. */
    public function testASearchFindsWhatIsBeingWritten(): void
    {
        $before = substr_count((string) $this->get(self::SHOP.'/search?q=globe')->getContent(), 'Moth paper globe');
        self::assertGreaterThan(0, $before);
        foreach (Product::query()->get() as $product) {
            $product->update(['words' => $product->words.' gleam']);
        }
        self::assertSame($before, substr_count((string) $this->get(self::SHOP.'/search?q=globe')->getContent(), 'Moth paper globe'));
        $this->get(self::SHOP.'/search?q=gleam')->assertDontSee('Nothing found');
    }

    public function testACategoryIsSorted(): void
    {
        $page = (string) $this->get(self::SHOP.'/category/paper-lanterns?sort=high')->getContent();
        self::assertLessThan(strpos($page, 'Dormouse night light'), strpos($page, 'Grand aldermouth'));
    }

    public function testAnOrderFromCartToReceipt(): void
    {
        $cart = $this->fill('moth-paper-globe', 2);
        $stock = Product::query()->where('slug', 'moth-paper-globe')->value('stock');
        $this->send('/cart/code', ['code' => 'lantern10'], $cart)->assertRedirect();
        $this->withUnencryptedCookies($cart)->get(self::SHOP.'/cart')->assertSee('$58.00')->assertSee('−$5.80')->assertSee('$52.20');
        $this->toPaying($cart);
        $this->withUnencryptedCookies($cart)->get(self::SHOP.'/checkout/paying')->assertSee('$58.70');
        $received = $this->send('/checkout/paying', ['outcome' => 'accept'], $cart)->assertRedirect();
        $order = Order::query()->latest('id')->firstOrFail();
        self::assertSame(
            [
                'goods' => 5800,
                'off' => 580,
                'delivery' => 650,
                'tax' => 0,
                'within' => false,
                'total' => 5870,
                'code' => 'LANTERN10',
                'offer' => 'Standard post', 'gift' => null,
            ],
            $order->totals,
        );
        $this->get((string) $received->headers->get('Location'))
            ->assertOk()
            ->assertSee('Thank you')
            ->assertSee($order->number)
            ->assertSee('$58.70');
        self::assertSame($stock - 2, Product::query()->where('slug', 'moth-paper-globe')->value('stock'));
        self::assertSame(0, Cart::query()->where('token', $cart['shop_cart'])->count());
        $this->send('/checkout/paying', ['outcome' => 'accept'], $cart)->assertRedirect(self::SHOP."/order/$order->token");
        self::assertSame(1, Order::query()->where('number', $order->number)->count(), 'pressing twice makes one order');
    }

    public function testWhatIsAddedWhileTheCartBecomesAnOrderIsInANewCart(): void
    {
        $cart = $this->fill();
        // Another window's order takes the cart away after this window's request has found it.
        $this->app['events']->listen(
            'eloquent.retrieved: '.Cart::class,
            static fn(Cart $found): int => Cart::query()->toBase()->where('token', $cart['shop_cart'])->where('id', $found->id)->delete(),
        );
        $added = $this->send('/cart/add', ['product' => 'mill-pond-teardrop', 'quantity' => 2], $cart)->assertStatus(303);
        self::assertSame(0, Cart::query()->toBase()->where('token', $cart['shop_cart'])->count());
        $new = (string) $added->getCookie('shop_cart', false)?->getValue();
        self::assertSame(
            [2],
            array_map(
                intval(...),
                \App\Models\CartLine::query()
                    ->whereIn('cart_id', Cart::query()->toBase()->where('token', $new)->pluck('id'))
                    ->pluck('quantity')
                    ->all(),
            ),
        );
    }

    public function testTheTillDeclinesAndFallsSilentAndNothingIsLost(): void
    {
        $cart = $this->fill();
        $this->toPaying($cart);
        $orders = Order::query()->count();
        $stock = Product::query()->where('slug', 'tidewater-glass-lantern')->value('stock');
        $this->send('/checkout/paying', ['outcome' => 'decline'], $cart)->assertStatus(422)->assertSee('declined')->assertSee('Tidewater');
        $this->send('/checkout/paying', ['outcome' => 'silence'], $cart)->assertStatus(422)->assertSee('did not answer in time');
        self::assertSame(
            [$orders, $stock],
            [Order::query()->count(), Product::query()->where('slug', 'tidewater-glass-lantern')->value('stock')],
        );
        $this->send('/checkout/paying', ['outcome' => 'accept'], $cart)->assertRedirect();
    }

    public function testWhatSoldOutMeanwhileIsSaid(): void
    {
        $cart = $this->fill();
        $this->toPaying($cart);
        Product::query()->where('slug', 'tidewater-glass-lantern')->update(['stock' => 0]);
        $this->send('/checkout/paying', ['outcome' => 'accept'], $cart)->assertStatus(422)->assertSee('no longer enough');
        $this->send('/cart/add', ['product' => 'tidewater-glass-lantern'], $cart)->assertStatus(422)->assertSee('cannot be bought');
    }

    public function testCodesThatDoNotCountSayWhy(): void
    {
        $cart = $this->fill();
        foreach (['SUMMER5' => 'has ended', 'THAW20' => 'has not begun'] as $code => $words) {
            $this->send('/cart/code', ['code' => $code], $cart)->assertRedirect();
            $this->withUnencryptedCookies($cart)->get(self::SHOP.'/cart')->assertSee($words);
        }
        $this->send('/cart/code', ['code' => 'NONSENSE'], $cart)->assertStatus(422)->assertSee('not one of our codes');
    }

    public function testACodeCountsAsOftenAsItMayOnItsGoodsAndForDelivery(): void
    {
        $glass = Category::query()->where('slug', 'glass-lanterns')->value('id');
        $code = PromotionCode::query()->create([
            'code' => 'ONCE', 'kind' => 'delivery', 'value' => 0, 'most_uses' => 1, 'category_id' => $glass,
        ]);
        [$other, $first, $second] = [$this->fill('kingfisher-star'), $this->fill(), $this->fill()];
        $this->send('/cart/code', ['code' => 'once'], $other);
        $this->withUnencryptedCookies($other)->get(self::SHOP.'/cart')->assertSee('for other things than those in your cart');
        // What also stands in a category is of it.
        DB::table('product_categories')->insert([
            'product_id' => Product::query()->where('slug', 'kingfisher-star')->value('id'), 'category_id' => $glass, 'position' => 1,
        ]);
        $this->withUnencryptedCookies($other)->get(self::SHOP.'/cart')->assertDontSee('for other things than those in your cart');
        foreach ([$first, $second] as $cart) {
            $this->send('/cart/code', ['code' => 'once'], $cart);
            $this->toPaying($cart);
        }
        $this->send('/checkout/paying', ['outcome' => 'accept'], $first)->assertRedirect();
        self::assertSame(0, Order::query()->orderByDesc('id')->firstOrFail()->totals['delivery']);
        self::assertSame(1, $code->refresh()->used);
        // Somebody else was first: nothing is taken for a total that is no longer so.
        $this->send('/checkout/paying', ['outcome' => 'accept'], $second)->assertStatus(422)->assertSee('used by others meanwhile');
        $this->withUnencryptedCookies($second)->get(self::SHOP.'/cart')->assertSee('used as often as it can be');
        self::assertSame(1, $code->refresh()->used);
    }

    public function testTheCartNeverHoldsMoreThanTheShelf(): void
    {
        $cart = $this->fill('chapel-lantern', 99);
        $this->withUnencryptedCookies($cart)->get(self::SHOP.'/cart')->assertSee('value="4"', false);
        $line = Cart::query()->where('token', $cart['shop_cart'])->firstOrFail()->lines()->firstOrFail()->id;
        $this->send('/cart/change', ['line' => $line, 'quantity' => 2], $cart)->assertRedirect();
        $this->withUnencryptedCookies($cart)->get(self::SHOP.'/cart')->assertSee('$256.00');
        $this->send('/cart/change', ['line' => $line, 'remove' => 1], $cart)->assertRedirect();
        $this->withUnencryptedCookies($cart)->get(self::SHOP.'/cart')->assertSee('Nothing in your cart yet');
    }

    public function testMistakesInTheDetailsAreNamedAndNothingTypedIsLost(): void
    {
        $cart = $this->fill();
        $this->send('/checkout', ['name' => 'Ada', 'email' => 'nonsense', 'street' => '', 'town' => 'Aldermouth', 'postcode' => ''], $cart)
            ->assertStatus(422)
            ->assertSee('3 lines need another look')
            ->assertSee('value="Ada"', false)
            ->assertSee('ada@example.org')
            ->assertSee('aria-invalid', false);
    }

    public function testLettersAreSignedUpForOnce(): void
    {
        $this->send('/letters', ['email' => 'Ada@Example.org'])->assertOk()->assertSee('Thank you');
        $this->send('/letters', ['email' => 'ada@example.org'])->assertOk();
        self::assertSame(1, NewsletterSubscriber::query()->where('email', 'ada@example.org')->count());
        $this->send('/letters', ['email' => 'nonsense'])->assertStatus(422)->assertSee('not an e-mail address');
    }

    public function testThePreviewWritesNothingToTheStoreroom(): void
    {
        $this->actingAs($this->person('maren'));
        $orders = Order::query()->count();
        $base = "/preview/{$this->look()->id}/now".self::SHOP;
        $this->post("$base/checkout/paying?cart=sample", ['outcome' => 'accept'], ['Sec-Fetch-Site' => 'same-origin'])->assertRedirect();
        $this->post("$base/letters", ['email' => 'x@example.org'], ['Sec-Fetch-Site' => 'same-origin'])->assertOk();
        self::assertSame($orders, Order::query()->count());
        self::assertSame(0, NewsletterSubscriber::query()->where('email', 'x@example.org')->count());
    }
}
