<?php

declare(strict_types=1);

namespace Tests\App;

use App\Looks\Author;
use App\Looks\EditLook;
use App\Models\Order;
use App\Models\Page;
use App\Models\Store;

/** What a look can make of the shop's pages, as visitors get them. */
final class WideShopTest extends AppTestCase
{
    /** @param array<string, mixed> $changes */
    private function preview(array $changes, string $path = '/'): string
    {
        $look = $this->look();
        app(EditLook::class)($look, $changes, $look->head, new Author('Maren'));
        $this->actingAs($this->person('maren'));

        return (string) $this->get("/preview/{$look->id}/now".self::SHOP.$path)->getContent();
    }

    public function testBandsStandInTheirOrderAndHiddenOnesAreLeftOut(): void
    {
        $page = $this->preview(['home.bands' => 'newsletter-1,rule-1,row-1,lead-1,words-1', 'band.words-1.show' => false]);
        preg_match_all('/data-part="band-([a-z]+-\d+)"/', $page, $m);
        self::assertSame(['newsletter-1', 'rule-1', 'row-1', 'lead-1'], $m[1]);
    }

    public function testARowShowsWhatItsSourceSays(): void
    {
        $names = static function (string $page): array {
            preg_match_all('#class="card-name"><a href="/shop/wrenfold/product/([a-z0-9-]+)"#', $page, $m);

            return $m[1];
        };
        self::assertSame(
            ['reed-drum-lantern', 'moth-paper-globe'],
            $names($this->preview(['band.row-1.source' => 'hand', 'band.row-1.products' => 'reed-drum-lantern,moth-paper-globe'])),
        );
        self::assertCount(7, $names($this->preview(['band.row-1.source' => 'sold', 'band.row-1.count' => 7])));
        self::assertNotSame(
            $names($this->preview(['band.row-1.source' => 'new'])),
            $names($this->preview(['band.row-1.source' => 'sold'])),
        );
    }

    public function testACategoryIsOrderedByHandAndCutIntoPages(): void
    {
        $changes = ['grid.sort' => 'hand', 'grid.order' => 'moth-paper-globe', 'grid.count' => 4];
        $first = $this->preview($changes, '/category/paper-lanterns');
        self::assertMatchesRegularExpression('#class="card-name"><a href="/shop/wrenfold/product/moth-paper-globe"#', $first);
        self::assertLessThan(strpos($first, 'heron-folding-lantern">'), strpos($first, 'moth-paper-globe">'));
        self::assertSame(4, substr_count($first, 'class="card-name"'));
        self::assertMatchesRegularExpression('#<b\s+class="number" aria-current="page">1</b>#', $first);
        $second = (string) $this->get("/preview/{$this->look()->id}/now".self::SHOP.'/category/paper-lanterns?page=2')->getContent();
        self::assertStringNotContainsString('product/moth-paper-globe', $second);
    }

    public function testAnnouncementsShowOnTheChosenPagesOnly(): void
    {
        $changes = ['announcement.pages' => 'chosen', 'announcement.on.home' => false, 'announcement.on.product' => true];
        self::assertStringNotContainsString('class="announcement', $this->preview($changes));
        self::assertStringContainsString(
            'class="announcement',
            (string) $this->get("/preview/{$this->look()->id}/now".self::SHOP.'/product/moth-paper-globe')->getContent(),
        );
    }

    public function testWithoutSeveralCountriesThereIsNothingToChoose(): void
    {
        self::assertStringContainsString('class="chooser"', $this->preview(['header.chooser' => true]));
        Store::query()->whereKey($this->storefront()->store_id)->update(['countries' => ['US']]);
        self::assertStringNotContainsString(
            'class="chooser"',
            (string) $this->get("/preview/{$this->look()->id}/now".self::SHOP.'/')->getContent(),
        );
        $this->get("/workbench/looks/{$this->look()->id}/header")->assertSee('sells to one country in one language');
    }

    public function testAVisitorChoosesACountryTheStoreSellsTo(): void
    {
        $this->send('/country', ['country' => 'XX'])->assertRedirect()->assertCookieMissing('shop_country');
        $this->send('/country', ['country' => 'CA'])->assertRedirect(self::SHOP.'/')->assertCookie('shop_country', 'CA', false);
    }

    public function testProductsAreSavedForLaterAndTakenOut(): void
    {
        $saved = $this
            ->send('/saved', ['product' => 'moth-paper-globe'])
            ->assertRedirect(self::SHOP.'/saved')
            ->getCookie('shop_saved', false)
            ->getValue();
        $this->withUnencryptedCookie('shop_saved', "$saved,<script>,no-such-product")
            ->get(self::SHOP.'/saved')
            ->assertSee('Moth paper globe')
            ->assertSee('1 product waits')
            ->assertDontSee('<script>', false);
        $this->send(
            '/saved',
            ['product' => 'moth-paper-globe', 'remove' => '1'],
            ['shop_saved' => $saved],
        )->assertCookie('shop_saved', '', false);
    }

    public function testAnOrderIsFoundByItsNumberAndAddressTogether(): void
    {
        $order = Order::query()->create([
            'storefront_id' => $this->storefront()->id,
            'number' => 'W260101-ABCDEF',
            'token' => str_repeat('a', 64),
            'details' => ['email' => 'ada@example.org'],
            'lines' => [],
            'totals' => ['goods' => 0, 'off' => 0, 'delivery' => 0, 'total' => 0, 'code' => null, 'offer' => ''],
            'payment' => '',
        ]);
        $this->send('/account', ['number' => 'w260101-abcdef', 'email' => 'Ada@example.org'])
            ->assertRedirect(self::SHOP."/order/$order->token");
        foreach ([['W260101-ABCDEF', 'eve@example.org'], ['W260101-XXXXXX', 'ada@example.org']] as [$number, $email]) {
            $this->send('/account', ['number' => $number, 'email' => $email])
                ->assertStatus(422)
                ->assertSee('There is no order with that number and address');
        }
    }

    public function testBuyingAtOnceGoesStraightToTheCheckout(): void
    {
        $this->send('/cart/add', ['product' => 'moth-paper-globe', 'quantity' => 1, 'now' => '1'])->assertRedirect(self::SHOP.'/checkout');
    }

    public function testEveryWordOfCartAndCheckoutIsReplacedAndItsOriginalComesBack(): void
    {
        $look = $this->look();
        $words = array_values(array_filter(
            array_keys(app(\App\Looks\LookReader::class)->of($look)->catalog()->all()),
            static fn(string $p): bool => str_starts_with($p, 'say.'),
        ));
        $this->preview(array_combine($words, array_map(static fn(string $p): string => "Said:$p", $words)));
        $pages = '';
        foreach ([
            '/cart?cart=sample',
            '/cart',
            '/checkout?cart=sample',
            '/checkout/delivery?cart=sample',
            '/checkout/paying?cart=sample',
            '/order/sample?cart=sample',
            '/product/moth-paper-globe',
            '/product/'.\App\Models\Product::query()->where('stock', 0)->value('slug'), '/product/chimney-brush', '/not-here', '/search',
            '/search?q=zzzz', '/saved', '/category/workshop?reduced=1',
        ] as $path) {
            $pages .= $this->get("/preview/{$look->id}/now".self::SHOP.$path)->getContent();
        }
        $pages .= $this->preview(['product.now' => true], '/product/moth-paper-globe');
        $pages .= $this->preview(['product.saving' => 'amount'], '/product/heron-folding-lantern');
        $pages .= $this->preview(['card.button' => true], '/search?q=heron');
        foreach ([false, true] as $within) {
            \App\Models\TaxRate::query()->updateOrCreate(['country' => 'US'], ['normal' => 800, 'reduced' => 0, 'within' => $within]);
            $pages .= $this->get("/preview/{$look->id}/now".self::SHOP.'/cart?cart=sample')->getContent();
        }
        $gift = \App\Models\Product::query()->where('slug', 'moth-paper-globe')->value('id');
        \App\Models\PromotionCode::query()->where('code', 'LANTERN10')->update(['kind' => 'gift', 'value' => 0, 'gift_id' => $gift]);
        $pages .= $this->get("/preview/{$look->id}/now".self::SHOP.'/cart?cart=sample-code')->getContent();
        foreach ($words as $path) {
            self::assertStringContainsString("Said:$path<", $pages, $path);
        }
        $this->edit(['path' => 'say.pay', 'original' => '1'])->assertOk();
        $this->get("/preview/{$look->id}/now".self::SHOP.'/checkout/paying?cart=sample')->assertSee('Pay now');
    }

    public function testFindingsAboutLinksAreShownWhereTheyAreMended(): void
    {
        $this->preview(['band.lead-1.target' => '/category/gone']);
        $this->get("/workbench/looks/{$this->look()->id}/pages")->assertSee('/category/gone is not in the shop');
        $this->get("/workbench/looks/{$this->look()->id}/publish")->assertSee('/category/gone is not in the shop');
        Page::query()->create(['slug' => 'left-alone', 'title' => 'Left alone', 'body' => 'x', 'policy' => false]);
        $this->get("/workbench/looks/{$this->look()->id}/footer")->assertSee('Nothing leads to the page “Left alone”');
    }

    public function testAnEditMayBringAnItemAndItsSettingsAtOnce(): void
    {
        $changes = json_encode(['home.bands' => 'lead-1,gallery-4', 'band.gallery-4.gap' => '12']);
        $this->edit(['changes' => $changes])->assertOk();
        self::assertSame(12.0, $this->look()->ownChanges()->own['band.gallery-4.gap']);
        $this->edit(['path' => 'band.gallery-5.gap', 'value' => '12'])->assertStatus(422)->assertSee('There is no setting');
    }
}
