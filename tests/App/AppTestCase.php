<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\CurrentStore;
use App\Models\Look;
use App\Models\Storefront;
use App\Models\User;
use Illuminate\Foundation\Testing\DatabaseTransactions;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\Cache;
use Illuminate\Testing\TestResponse;

/** On the demo store, in a transaction that is taken back; `./ikat test app` loads it. */
abstract class AppTestCase extends TestCase
{
    use DatabaseTransactions;

    protected const SHOP = '/shop/wrenfold';

    public function createApplication()
    {
        $app = require dirname(__DIR__, 2).'/bootstrap/app.php';
        $app->make(\Illuminate\Contracts\Console\Kernel::class)->bootstrap();

        return $app;
    }

    protected function setUp(): void
    {
        parent::setUp();
        Cache::flush();
        app(CurrentStore::class)->is($this->storefront()->store_id);
    }

    /** Each request gets controllers and scoped services of its own, as it does when a process serves only one. */
    public function call($method, $uri, $parameters = [], $cookies = [], $files = [], $server = [], $content = null)
    {
        foreach ($this->app['router']->getRoutes()->getRoutes() as $route) {
            $route->flushController();
        }
        $this->app->forgetScopedInstances();
        app(CurrentStore::class)->is($this->storefront()->store_id);

        return parent::call($method, $uri, $parameters, $cookies, $files, $server, $content);
    }

    /** Somebody else sits down: what the session knows of the one before goes with them. */
    public function actingAs(\Illuminate\Contracts\Auth\Authenticatable $user, $guard = null)
    {
        $this->app['session']->forget('password_hash_web');

        return parent::actingAs($user, $guard);
    }

    /** The framework's own takes the slash off an address's end, and a shop's front page has one. */
    protected function prepareUrlForRequest($uri)
    {
        $address = parent::prepareUrlForRequest($uri);

        return str_ends_with((string) $uri, '/') ? rtrim($address, '/').'/' : $address;
    }

    protected function storefront(string $slug = 'wrenfold'): Storefront
    {
        return Storefront::query()->withoutGlobalScope('store')->where('slug', $slug)->firstOrFail();
    }

    protected function look(string $slug = 'wrenfold'): Look
    {
        return Look::query()->withoutGlobalScope('store')->where('storefront_id', $this->storefront($slug)->id)->firstOrFail();
    }

    protected function person(string $name): User
    {
        return User::query()->where('email', "$name@wrenfold.example")->firstOrFail();
    }

    /** A form of the shop, sent from the shop's own page. */
    protected function send(string $path, array $fields = [], array $cookies = []): TestResponse
    {
        return $this->withUnencryptedCookies($cookies)->post(self::SHOP.$path, $fields, ['Sec-Fetch-Site' => 'same-origin']);
    }

    /** @return array<string, string> the cart's cookie */
    protected function fill(string $product = 'tidewater-glass-lantern', int $quantity = 1, array $choice = []): array
    {
        $token = (string) $this
            ->send('/cart/add', ['product' => $product, 'quantity' => $quantity, 'choice' => $choice])
            ->assertRedirect()
            ->getCookie('shop_cart', false)
            ?->getValue();

        return ['shop_cart' => $token];
    }

    /**
     * Through the checkout as far as the payment.
     *
     * @param array<string, string> $cart
     */
    protected function toPaying(array $cart): void
    {
        $this->send(
            '/checkout',
            ['name' => 'Ada Marsh', 'email' => 'ada@example.org', 'street' => '4 Mill Lane', 'town' => 'Aldermouth', 'postcode' => '04101'],
            $cart,
        )->assertRedirect(self::SHOP.'/checkout/delivery');
        $offer = \App\Models\DeliveryOffer::query()->where('name', 'Standard post')->value('id');
        $this->send('/checkout/delivery', ['offer' => $offer], $cart)->assertRedirect(self::SHOP.'/checkout/paying');
    }

    /** @param array<string, mixed> $fields */
    protected function edit(array $fields, string $who = 'maren'): TestResponse
    {
        return $this->actingAs($this->person($who))->post(
            "/workbench/looks/{$this->look()->id}/edits",
            ['seen' => $this->look()->head, ...$fields],
            ['HX-Request' => 'true'],
        );
    }
}
