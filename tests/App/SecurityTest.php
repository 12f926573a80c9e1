<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Category;
use App\Models\CurrentStore;
use App\Models\Look;
use App\Models\Product;
use App\Models\Release;
use App\Models\Role;
use App\Models\Store;
use App\Models\Storefront;
use App\Models\User;
use PHPUnit\Framework\Attributes\DataProvider;

/** Each rule of sign-in, roles, scoping, forms and headers, and somebody who tries to break it. */
final class SecurityTest extends AppTestCase
{
    public function testTheWorkbenchAndThePreviewAskForASignIn(): void
    {
        $id = $this->look()->id;
        foreach ([
            "/workbench/looks/$id/colors", '/workbench', "/preview/$id/now".self::SHOP.'/', "/workbench/looks/$id/find?q=a",
        ] as $path) {
            $this->get($path)->assertRedirect('/workbench/sign-in');
        }
        $this->post(
            "/workbench/looks/$id/edits",
            ['path' => 'brand.main', 'value' => '#000', 'seen' => 1],
        )->assertRedirect('/workbench/sign-in');
    }

    public function testSigningInAndOut(): void
    {
        $this->post('/workbench/sign-in', ['email' => 'Maren@Wrenfold.example ', 'password' => 'lantern-night'])->assertRedirect();
        $this->assertAuthenticated();
        $this->post('/workbench/sign-out')->assertRedirect('/workbench/sign-in');
        $this->assertGuest();
        $this->post('/workbench/sign-in', ['email' => 'maren@wrenfold.example', 'password' => 'wrong'])
            ->assertStatus(422)
            ->assertSee('do not belong together');
        $unknown = $this->post('/workbench/sign-in', ['email' => 'nobody@wrenfold.example', 'password' => 'wrong']);
        $unknown->assertStatus(422)->assertSee('do not belong together');
        self::assertStringNotContainsString('lantern-night', (string) User::query()->first()?->getRawOriginal('password'));
    }

    public function testGuessingIsThrottled(): void
    {
        for ($i = 0; $i < 5; $i++) {
            $this->post('/workbench/sign-in', ['email' => 'maren@wrenfold.example', 'password' => "guess $i"])->assertStatus(422);
        }
        $this->post(
            '/workbench/sign-in',
            ['email' => 'maren@wrenfold.example', 'password' => 'lantern-night'],
        )->assertStatus(429)->assertSee('Wait a minute');
        $this->assertGuest();
    }

    /** @return iterable<array{string, int, int}> */
    public static function roles(): iterable
    {
        yield ['maren', 200, 200];
        yield ['tobias', 200, 403];
        yield ['ines', 403, 403];
    }

    #[DataProvider('roles')]
    public function testRoles(string $who, int $edits, int $publishes): void
    {
        $id = $this->look()->id;
        $this->actingAs($this->person($who))->get("/workbench/looks/$id/colors")->assertOk();
        $this->edit(['path' => 'brand.cool', 'value' => '#0a9a94'], $who)->assertStatus($edits);
        $this->post("/workbench/looks/$id/undo", [], ['HX-Request' => 'true'])->assertStatus($edits);
        $this->post("/workbench/looks/$id/publish", ['seen' => $this->look()->head])->assertStatus($publishes);
        $this->post("/workbench/looks/$id/releases/{$this->storefront()->live_release_id}/live")->assertStatus($publishes);
    }

    public function testAnotherStoreIsOutOfReach(): void
    {
        $stranger = $this->anotherStore();
        $id = $this->look()->id;
        $this->actingAs($stranger);
        foreach ([
            "/workbench/looks/$id/colors", "/workbench/looks/$id/publish", "/workbench/looks/$id/find?q=logo",
            "/workbench/looks/$id/reach?path=brand.main", "/preview/$id/now".self::SHOP.'/',
        ] as $path) {
            $this->get($path)->assertNotFound();
        }
        foreach ([
            'edits' => ['path' => 'brand.main', 'value' => '#000000', 'seen' => 0],
            'undo' => [],
            'publish' => ['seen' => 0],
        ] as $action => $fields) {
            $this->post("/workbench/looks/$id/$action", $fields)->assertNotFound();
        }
        app(CurrentStore::class)->is($stranger->store_id);
        self::assertSame(0, Product::query()->count());
        self::assertSame(0, Category::query()->count());
        self::assertSame(1, Look::query()->count(), 'only its own');
        self::assertNull(Release::query()->find($this->storefront()->live_release_id));
    }

    public function testAReleaseOfAnotherStorefrontCannotBeMadeLive(): void
    {
        $other = $this->storefront('wrenfold-trade')->live_release_id;
        $this->actingAs($this->person('maren'))->post("/workbench/looks/{$this->look()->id}/releases/$other/live")->assertNotFound();
    }

    public function testAQueryWithoutAStoreFailsInsteadOfSeeingEverything(): void
    {
        $this->app->forgetScopedInstances();
        $this->expectException(\LogicException::class);
        Product::query()->count();
    }

    public function testShopFormsFromElsewhereAreRefused(): void
    {
        foreach ([
            ['Sec-Fetch-Site' => 'cross-site'], ['Sec-Fetch-Site' => 'same-site'], ['Origin' => 'https://evil.example'], [],
        ] as $headers) {
            $this->post(self::SHOP.'/cart/add', ['product' => 'moth-paper-globe'], $headers)
                ->assertStatus(419)
                ->assertSee('not sent from the shop');
        }
        $this->post(self::SHOP.'/cart/add', ['product' => 'moth-paper-globe'], ['Origin' => config('app.url')])->assertRedirect();
    }

    public function testTheWorkbenchWantsItsToken(): void
    {
        // The framework leaves the check out under test; here it is put back.
        $this->app->instance('env', 'production');
        $this->app['env'] = 'production';
        $this->actingAs($this->person('maren'))->post(
            "/workbench/looks/{$this->look()->id}/edits",
            ['path' => 'brand.main', 'value' => '#000000', 'seen' => 99],
        )->assertStatus(419);
        $this->app['env'] = 'testing';
    }

    public function testPoliciesAreStrict(): void
    {
        $shop = (string) $this->get(self::SHOP.'/')->headers->get('Content-Security-Policy');
        self::assertStringContainsString("default-src 'none'", $shop);
        $bench = (string) $this
            ->actingAs($this->person('maren'))
            ->get("/workbench/looks/{$this->look()->id}/colors")->headers
            ->get('Content-Security-Policy');
        foreach ([$shop, $bench] as $policy) {
            self::assertStringContainsString("script-src 'self'", $policy);
            self::assertStringNotContainsString('unsafe', $policy);
            self::assertStringNotContainsString('http', $policy);
            self::assertStringContainsString("base-uri 'none'", $policy);
        }
        $this->get('/workbench/nowhere-at-all')->assertNotFound()->assertHeader('X-Content-Type-Options', 'nosniff');
    }

    public function testWhatMerchantsAndVisitorsWriteIsNeverMarkup(): void
    {
        $evil = '"><script>alert(1)</script>';
        $this->edit(['path' => 'message.message-1.text', 'value' => $evil])->assertOk()->assertDontSee('<script>alert(1)', false);
        $this->get("/preview/{$this->look()->id}/now".self::SHOP.'/')->assertDontSee('<script>alert(1)', false)->assertSee(e($evil), false);
        $this->get(self::SHOP.'/search?q='.urlencode($evil))->assertDontSee('<script>alert(1)', false);
        $this->get("/workbench/looks/{$this->look()->id}/find?q=".urlencode($evil))->assertDontSee('<script>', false);
        $this->edit(['path' => 'brand.main', 'value' => 'red;}body{display:none'])->assertStatus(422);
    }

    public function testErrorsShowNoInsides(): void
    {
        $this->get('/workbench/looks/999999/colors')->assertRedirect();
        $page = (string) $this->actingAs($this->person('maren'))->get('/workbench/looks/999999/colors')->assertNotFound()->getContent();
        self::assertStringNotContainsString('Exception', $page);
        self::assertStringNotContainsString('vendor', $page);
        $this->get('/shop-files-test/../../.env')->assertNotFound();
    }

    public function testALockedShopStaysShutWithoutItsPassword(): void
    {
        foreach (['/', '/cart', '/category/candles', '/search?q=a'] as $path) {
            $this->get('/shop/wrenfold-trade'.$path)->assertRedirect('/shop/wrenfold-trade/locked');
        }
        $this->withUnencryptedCookie('shop_key', 'forged')->get('/shop/wrenfold-trade/')->assertRedirect();
        $from = ['Sec-Fetch-Site' => 'same-origin'];
        $this->post('/shop/wrenfold-trade/locked', ['password' => 'wrong'], $from)->assertStatus(422)->assertSee('not the password');
        $key = $this
            ->post('/shop/wrenfold-trade/locked', ['password' => 'tradelight'], $from)
            ->assertRedirect('/shop/wrenfold-trade/')
            ->getCookie('shop_key', false);
        $this->withUnencryptedCookie('shop_key', (string) $key?->getValue())->get('/shop/wrenfold-trade/')->assertOk();
        $this->storefront('wrenfold-trade')->update(['password' => 'changed']);
        $this->withUnencryptedCookie('shop_key', (string) $key?->getValue())->get('/shop/wrenfold-trade/')->assertRedirect();
    }

    private function anotherStore(): User
    {
        $store = Store::query()->create(['name' => 'Elsewhere', 'time_zone' => 'UTC', 'currency' => 'EUR']);
        app(CurrentStore::class)->is($store->id);
        $front = Storefront::query()->create(['name' => 'Elsewhere', 'slug' => 'elsewhere']);
        Look::query()->create([
            'storefront_id' => $front->id, 'name' => 'L', 'theme' => 'millrace', 'version' => '1.1.0', 'starter' => 'river-dusk',
            'state' => '{}', 'head' => 0,
        ]);
        $user = User::query()->create([
            'store_id' => $store->id, 'name' => 'Stranger', 'email' => 'stranger@elsewhere.example', 'password' => 'x',
            'role' => Role::Owner,
        ]);
        app(CurrentStore::class)->is($this->storefront()->store_id);

        return $user;
    }
}
