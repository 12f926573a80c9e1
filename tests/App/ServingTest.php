<?php

declare(strict_types=1);

namespace Tests\App;

use App\Storefront\CanonicalAddress;
use App\Storefront\PageCache;
use Illuminate\Http\Middleware\TrustProxies;

/** Proxies, hosts, TLS, the front door without an environment, finished pages and their bounds. */
final class ServingTest extends AppTestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/ikat-pages-'.bin2hex(random_bytes(4));
    }

    protected function tearDown(): void
    {
        exec('rm -rf '.escapeshellarg($this->folder));
        TrustProxies::at([]);
        parent::tearDown();
    }

    public function testOnlyProxiesThatConfigurationNamesAreBelieved(): void
    {
        $from = [
            'REMOTE_ADDR' => '10.0.0.9', 'HTTP_X_FORWARDED_PROTO' => 'https', 'HTTP_X_FORWARDED_FOR' => '203.0.113.7',
            'HTTP_X_FORWARDED_HOST' => 'evil.example',
        ];
        self::assertFalse($this->call('GET', self::SHOP.'/', [], [], [], $from)->headers->has('Strict-Transport-Security'));
        TrustProxies::at(['10.0.0.9']);
        $answer = $this->call('GET', self::SHOP.'/', [], [], [], $from);
        self::assertStringContainsString('max-age=31536000', (string) $answer->headers->get('Strict-Transport-Security'));
        $cart = $this->call(
            'POST',
            self::SHOP.'/cart/add',
            ['product' => 'moth-paper-globe'],
            [],
            [],
            $from + ['HTTP_SEC_FETCH_SITE' => 'same-origin'],
        );
        self::assertTrue($cart->getCookie('shop_cart', false)?->isSecure());
        self::assertStringNotContainsString('evil', (string) $cart->headers->get('Location'));
    }

    public function testAHostThatIsNotOursIsRefused(): void
    {
        $this->call('GET', 'http://evil.example/workbench/sign-in')->assertStatus(421)->assertDontSee('evil.example');
        config(['ikat.hosts' => ['shop.example']]);
        $this->call('GET', 'http://shop.example/workbench/sign-in')->assertOk();
    }

    public function testRedirectsNameNoHost(): void
    {
        self::assertSame('/workbench/sign-in', $this->get('/workbench')->headers->get('Location'));
        self::assertSame('/shop/wrenfold-trade/locked', $this->get('/shop/wrenfold-trade/')->headers->get('Location'));
    }

    /** Stock settings start workers with no environment: the front door reads the file then. */
    public function testTheFrontDoorFindsItsSettingsWithoutAnEnvironment(): void
    {
        mkdir($this->folder);
        $this->get(self::SHOP.'/')->assertOk();
        foreach (['DB_HOST', 'DB_PORT', 'DB_DATABASE', 'DB_USERNAME', 'DB_PASSWORD', 'LARAVEL_STORAGE_PATH'] as $name) {
            file_put_contents("$this->folder/.env", "$name=".getenv($name)."\n", FILE_APPEND);
        }
        $code = 'foreach (["app/Http/Csp", "app/Storefront/ShopCookies", "app/Storefront/PageCache", "app/Storefront/CachedPageServer", '
            .'"core/Season/SeasonCalendar"] as $f) require "'
            .base_path().'/$f.php"; '
            .'echo App\Storefront\CachedPageServer::answer($argv[1], ["REQUEST_METHOD" => "GET", "REQUEST_URI" => "/shop/wrenfold/"]) ? '
                .'"" : "framework";';
        $ask = static fn(string $root): string
            => (string) shell_exec('env -i '.PHP_BINARY.' -r '.escapeshellarg($code).' '.escapeshellarg($root));
        self::assertStringContainsString('Light for the long evenings', $ask($this->folder));
    }

    public function testFinishedPagesAreBoundedAndSwept(): void
    {
        $cache = new PageCache($this->folder);
        $keep = static fn(string $path, int $version = 1, int $bytes = 1000) => $cache->keep(
            'shop',
            1,
            [],
            '',
            $version,
            '20261128',
            $path,
            str_repeat('x', $bytes),
            static fn(): string => 'away',
        );
        $count = fn(): int => count(glob("$this->folder/shop/*/*.html") ?: []);
        for ($i = 0; $i < 40; $i++) {
            $keep("/page/$i", 1, 3_000_000);
        }
        self::assertLessThanOrEqual(22, $count(), 'the oldest went');
        self::assertGreaterThan(10, $count());
        $keep('/page/large', 1, 5_000_000);
        self::assertNull($cache->last('shop', '/page/large', static fn(): string => ''), 'one page does not take the room of many');
        $keep('/page/new', 2);
        self::assertSame(1, $count(), 'an earlier state is swept when a new one begins');
        self::assertSame(str_repeat('x', 1000), $cache->last('shop', '/page/new', static fn(): string => ''));
        self::assertSame('away', $cache->unavailable('shop'));
        $cache->forget('shop');
        self::assertNull($cache->last('shop', '/page/new', static fn(): string => ''));
        self::assertNull($cache->unavailable('../shop'));
    }

    public function testAFolderThatCannotBeWrittenKeepsNobodyFromBeingAnswered(): void
    {
        file_put_contents($this->folder, 'a file where a folder should be');
        $this->app->instance(PageCache::class, new PageCache("$this->folder/pages"));
        $this->get(self::SHOP.'/')->assertOk();
        unlink($this->folder);
    }

    public function testEveryAddressHasOneForm(): void
    {
        foreach ([
            '/shop/wrenfold/' => '/shop/wrenfold/', '/shop/wrenfold' => '/shop/wrenfold/', '/SHOP/Wrenfold//' => '/shop/wrenfold/',
            '/shop/wrenfold/category/Caf%C3%A9%20' => '/shop/wrenfold/category/cafe', '/shop/wrenfold/../x' => '/shop/wrenfold/x',
            '/shop/wrenfold/%2e%2e/%2fx' => '/shop/wrenfold/x', '/shop/wrenfold/%ff' => '/shop/wrenfold/%3F',
        ] as $asked => $one) {
            self::assertSame($one, CanonicalAddress::of($asked), $asked);
        }
        mt_srand(20261128);
        for ($i = 0; $i < 3000; $i++) {
            $asked = '/shop/';
            for ($k = mt_rand(0, 20); $k > 0; $k--) {
                $asked .= [
                    '/', '%2F', 'a', 'É', '%C3%89', ' ', '%20', '.', '..', '%25', '%', '~', "\u{0301}", 'ß', 'İ', 'ﬁ', '+', ';', '日',
                ][mt_rand(0, 18)];
            }
            $one = CanonicalAddress::of($asked);
            self::assertSame($one, CanonicalAddress::of($one), json_encode($asked) ?: '');
        }
    }

    public function testAnOrderBeginsNoNewStateOfTheShopUnlessSomethingSellsOut(): void
    {
        $buy = function (int $quantity): void {
            $cart = ['shop_cart' => (string) $this->send(
                '/cart/add',
                ['product' => 'tidewater-glass-lantern', 'quantity' => $quantity],
            )->getCookie('shop_cart', false)?->getValue()];
            $this->send(
                '/checkout',
                ['name' => 'Ada', 'email' => 'ada@example.org', 'street' => '4 Mill Lane', 'town' => 'A', 'postcode' => '1'],
                $cart,
            );
            $this->send('/checkout/delivery', ['offer' => \App\Models\DeliveryOffer::query()->value('id')], $cart);
            $this->send('/checkout/paying', ['outcome' => 'accept'], $cart)->assertRedirect();
        };
        $version = $this->storefront()->content_version;
        \App\Models\Product::query()->where('slug', 'tidewater-glass-lantern')->update(['stock' => 3]);
        $buy(1);
        self::assertSame($version, $this->storefront()->content_version);
        $buy(2);
        self::assertSame($version + 1, $this->storefront()->content_version);
    }

    /** The one place where writes begin. */
    public function testWritesBeginInOnePlace(): void
    {
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(app_path(), \FilesystemIterator::SKIP_DOTS)) as $file) {
            if (! str_ends_with((string) $file, 'Database/Transaction.php')) {
                self::assertDoesNotMatchRegularExpression(
                    '/DB::transaction|beginTransaction/',
                    (string) file_get_contents((string) $file),
                    (string) $file,
                );
            }
        }
    }

    public function testAnErrorOfTheShopIsToldInTheShopsOwnLook(): void
    {
        $page = (string) $this->get(self::SHOP.'/search?q[]=a')->assertStatus(422)->getContent();
        self::assertStringContainsString('class="header', $page);
        self::assertStringNotContainsString('Ikat', str_replace('Dressed with Ikat', '', $page));
        $this->post(self::SHOP.'/cart/add', ['product' => 'x'])->assertStatus(419)->assertSee('class="header', false);
        $this->get('/shop/nowhere-at-all/')->assertNotFound()->assertDontSee('workbench');
    }

    public function testNoTemplateHasAStyleInAnAttribute(): void
    {
        $views = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(resource_path('views'), \FilesystemIterator::SKIP_DOTS));
        $styled = [];
        foreach ($views as $view) {
            // The pages' own rules refuse it (style-src 'self'): it would do nothing, and nobody would be told.
            if (preg_match('/\sstyle="/', (string) file_get_contents($view->getPathname())) === 1) {
                $styled[] = $view->getFilename();
            }
        }
        self::assertSame([], $styled);
    }
}
