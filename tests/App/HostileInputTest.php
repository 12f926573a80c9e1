<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\CurrentStore;
use App\Models\Look;
use App\Models\Picture;
use App\Models\Role;
use App\Models\Store;
use App\Models\Storefront;
use App\Models\User;
use App\Tasks\LightenPictures;
use Illuminate\Http\UploadedFile;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Bus;
use Illuminate\Support\Facades\Cache;

/**
 * Every route, by every role, with wrong types, broken text and foreign ids: never a 500, never a class name, never another
 * store's thing. A part of it at each run; all of it with IKAT_WALK=all, and against a running server in benchmarks/torture.
 */
final class HostileInputTest extends AppTestCase
{
    private const AT_EACH_RUN = 1500;

    private const VALUES = [
        ['a'], [['a']], ['x' => ['y' => 'z']], [], "\xff\xfe", "a\0b", '-1', '0', '1e999', '99999999999999999999999', '[]', '["a"]',
        '{"a":[1]}', '{"0":1}', 'null', "' or 1=1 -- ", '../../../etc/passwd', '<script>alert(1)</script>',
        "\u{202E}\u{1F3EE}\u{0301}", "a\r\nSet-Cookie: x=y", '   ', 'true', '{brand.main}', 'linear-gradient(', '%00', 'long',
    ];

    public function testNoRouteFailsOnAnyInput(): void
    {
        // What goes on behind the pages would go on here and now, for each of them.
        Bus::fake([LightenPictures::class]);
        $this->withoutThrottling();
        $cases = $this->cases();
        mt_srand((int) date('Ymd'));
        shuffle($cases);
        $some = getenv('IKAT_WALK') === 'all' ? $cases : array_slice($cases, 0, self::AT_EACH_RUN);
        self::assertGreaterThan(10_000, count($cases), 'there are enough of them');
        foreach ($some as $i => [$route, $key, $value, $role]) {
            $this->send500($route, $key, $value === 'long' ? str_repeat('ä', 20_000) : $value, $role, $i);
        }
    }

    /** Addresses that are none, and cookies nobody wrote. */
    public function testAddressesAndCookiesOfAllKinds(): void
    {
        $this->withoutThrottling();
        $id = $this->look()->id;
        $this->actingAs($this->person('maren'));
        foreach (['99999999999999999999', '-1', '0', '1%00', '%ff', '1e3', '..', '%2e%2e%2f', "1'"] as $bad) {
            foreach ([
                "/workbench/looks/$bad/colors", "/workbench/looks/$id/tasks/$bad", "/preview/$bad/now/shop/wrenfold/",
                "/preview/$id/$bad/shop/wrenfold/", "/preview/$id/now/shop/$bad/", "/shop/$bad/", "/shop/wrenfold/product/$bad",
                "/shop/wrenfold/order/$bad", "/shop/wrenfold/page/$bad", '/'.config('ikat.files')."/icons/$bad/favicon.ico",
                '/'.config('ikat.files')."/$bad.css", "/workbench/reset/$bad",
            ] as $path) {
                $this->assertNoTrouble($this->get($path), $path);
            }
        }
        foreach (['shop_cart', 'shop_key', 'shop_saved', 'shop_country', 'ikat_session'] as $name) {
            foreach ([['a'], "\xff", "a\0", str_repeat('a', 5000), str_repeat('0', 64)] as $value) {
                foreach ([
                    '/shop/wrenfold/', '/shop/wrenfold/cart', '/shop/wrenfold/saved', '/shop/wrenfold-trade/', '/shop/wrenfold/checkout',
                ] as $path) {
                    $this->assertNoTrouble($this->call('GET', $path, [], [$name => $value]), "$name $path");
                }
            }
        }
    }

    public function testFilesOfAllKinds(): void
    {
        $this->withoutThrottling();
        $this->actingAs($this->person('maren'));
        $id = $this->look()->id;
        $svg = static fn(string $inside, string $attributes = 'viewBox="0 0 10 10"'): string
            => "<svg xmlns=\"http://www.w3.org/2000/svg\" $attributes>$inside</svg>";
        $nested = '<rect id="a0" width="1" height="1"/>';
        for ($i = 1; $i < 12; $i++) {
            $nested .= "<g id=\"a$i\">".str_repeat('<use href="#a'.($i - 1).'"/>', 10).'</g>';
        }
        $files = [
            'empty.png' => '', 'cut.png' => substr($this->png(300, 200), 0, 400), 'tall.png' => $this->png(4, 17_000),
            'foreign.svg' => '<svg xmlns="http://example.org/else"><rect/></svg>',
            'tiny.svg' => $svg('<rect width="1e-9" height="1e-9"/>', 'viewBox="0 0 1e-9 1e-9" width="1e-9" height="1e-9"'),
            'uses.svg' => $svg($nested.'<use href="#a11"/>'),
            'circle.svg' => $svg('<g id="a"><use href="#b"/></g><g id="b"><use href="#a"/></g>'), 'charset.css' => '@charset',
            'charset2.css' => '@charset "utf-8', 'tokens.json' => '{"a":{"$type":"color","$value":{"colorSpace":[],"components":"x"}}}',
            'list.json' => '{"a":{"$type":[],"$value":[[]]}}', 'equal.gpl' => "GIMP Palette\n#\n".str_repeat("1 2 3\tred\n", 30_000),
            'open.zip' => "PK\x03\x04", 'text.zip' => 'x', 'deep.json' => str_repeat('{"a":', 400).'1'.str_repeat('}', 400),
            'nul.css' => "--a\0: red;",
        ];
        foreach ($files as $name => $bytes) {
            foreach (['palette' => 'palette', 'logo' => 'file', 'themes' => 'package', 'pictures' => 'file'] as $way => $field) {
                $answer = $this->post(
                    "/workbench/looks/$id/$way",
                    [$field => $this->file($name, $bytes), 'alt' => 'x', 'seen' => $this->look()->head],
                    ['HX-Request' => 'true'],
                );
                $this->assertNoTrouble($answer, "$way $name");
            }
        }
        foreach (['palette', 'file', 'package'] as $field) {
            foreach (['palette', 'logo', 'themes', 'pictures'] as $way) {
                $this->assertNoTrouble(
                    $this->post(
                        "/workbench/looks/$id/$way",
                        [$field => [$this->file('a.png', 'x'), $this->file('b.png', 'y')], 'alt' => 'x', 'seen' => 1],
                        ['HX-Request' => 'true'],
                    ),
                    "$way several",
                );
                $this->assertNoTrouble(
                    $this->post("/workbench/looks/$id/$way", [$field => 'no file', 'alt' => 'x', 'seen' => 1]),
                    "$way no file",
                );
            }
        }
    }

    /** A page, a picture, a task, a person of another store: not there, whatever is asked of it. */
    public function testForeignIdsAreNotThere(): void
    {
        $this->withoutThrottling();
        [$look, $picture, $person] = $this->elsewhere();
        $this->actingAs($this->person('maren'));
        foreach ($this->routes() as $route) {
            $names = $route->parameterNames();
            if (! in_array('look', $names, true) && ! in_array('person', $names, true)) {
                continue;
            }
            $path = $this->path($route, ['look' => $look, 'picture' => $picture, 'person' => $person, 'storefront' => 'elsewhere']);
            $answer = $this->call($this->method($route), $path, [], [], [], ['HTTP_SEC_FETCH_SITE' => 'same-origin']);
            self::assertContains($answer->status(), [403, 404, 422], "{$this->method($route)} $path: {$answer->status()}");
        }
        $own = $this->look()->id;
        foreach (['file' => ['file' => $this->file('a.png', $this->png(20, 20))], 'back' => [], 'crop' => []] as $act => $fields) {
            $this->post("/workbench/looks/$own/storeroom/pictures/$picture/$act", $fields)->assertNotFound();
        }
    }

    /** Only typed accessors read what a request brings: one place turns input into values. */
    public function testNothingReadsInputPastTheOnePlace(): void
    {
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(app_path(), \FilesystemIterator::SKIP_DOTS)) as $file) {
            $code = (string) file_get_contents((string) $file);
            if (preg_match(
                '#/(TypedRequest|EditRequest|PictureRequest|ReadableInput|PreviewShop|IkatServiceProvider)\.php$#',
                (string) $file,
            ) === 1) {
                continue;
            }
            self::assertDoesNotMatchRegularExpression(
                '/\$request->(input|query|post|get|all|integer|boolean|string|float|date|collect|only|validate|file|json)\('
                    .'|\brequest\(\)|\$_(GET|POST|REQUEST|FILES)\b/',
                $code,
                (string) $file,
            );
        }
    }

    /** @return list<array{Route, string, mixed, string}> */
    private function cases(): array
    {
        $cases = [];
        foreach ($this->routes() as $route) {
            $keys = array_values(array_unique([...$this->keys($route), 'page', 'q']));
            foreach ($keys as $key) {
                foreach (self::VALUES as $i => $value) {
                    $isShop = str_starts_with($route->uri(), 'shop/');
                    $cases[] = [$route, $key, $value, $isShop ? 'guest' : ['maren', 'maren', 'tobias', 'ines', 'guest'][$i % 5]];
                }
            }
        }

        return $cases;
    }

    private function send500(Route $route, string $key, mixed $value, string $role, int $seed): void
    {
        $this->app['auth']->forgetGuards();
        if ($role !== 'guest') {
            $this->actingAs($this->person($role));
        }
        $path = $this->path(
            $route,
            ['look' => $this->look()->id, 'storefront' => 'wrenfold', 'picture' => (int) Picture::query()->value('id')],
        );
        $fields = [$key => $value, ...$seed % 2 === 0 && $key !== 'seen' ? ['seen' => $this->look()->head] : []];
        $method = $this->method($route);
        $server = [
            'HTTP_SEC_FETCH_SITE' => 'same-origin',
            ...$seed % 3 === 0 ? ['HTTP_HX_REQUEST' => 'true'] : [],
            ...$seed % 7 === 0 ? ['HTTP_ACCEPT' => 'application/json'] : [],
        ];
        $answer = $this->call($method, $path, $fields, [], [], $server);
        $this->assertNoTrouble($answer, "$method $path $key=".json_encode($value, JSON_PARTIAL_OUTPUT_ON_ERROR)." as $role");
    }

    private function assertNoTrouble(\Illuminate\Testing\TestResponse $answer, string $what): void
    {
        self::assertLessThan(500, $answer->status(), "$what: ".($answer->exception === null ? '' : $answer->exception->getMessage()));
        $body = (string) $answer->getContent();
        self::assertDoesNotMatchRegularExpression(
            '/Illuminate\\\\|App\\\\(?!Looks|Models|Tasks)|SQLSTATE|Stack trace|vendor\//',
            $body,
            $what,
        );
        // Words that are sent as plain text or JSON are never read as anything else (nosniff), and may say what was sent.
        if (preg_match('#^(text/plain|application/json)\b#', (string) $answer->headers->get('Content-Type')) !== 1) {
            self::assertStringNotContainsString('<script>alert(1)', $body, $what);
        }
        self::assertSame('nosniff', $answer->headers->get('X-Content-Type-Options'), $what);
        self::assertFalse($answer->headers->has('x'), $what);
    }

    /** @return list<Route> */
    private function routes(): array
    {
        return array_values(array_filter(
            iterator_to_array($this->app['router']->getRoutes()),
            static fn(Route $r): bool => $r->uri() !== 'workbench/sign-out',
        ));
    }

    private function method(Route $route): string
    {
        return in_array('POST', $route->methods(), true) ? 'POST' : 'GET';
    }

    /** @param array<string, int|string> $known */
    private function path(Route $route, array $known): string
    {
        $known += [
            'moment' => 'now', 'category' => 'candles', 'product' => 'moth-paper-globe', 'page' => 'delivery',
            'token' => str_repeat('0', 64), 'rest' => 'nowhere', 'hash' => str_repeat('0', 16), 'file' => 'favicon.ico',
            'name' => 'look-x.css', 'format' => 'css', 'step' => 'colors', 'state' => 'letter', 'release' => 1, 'picture' => 1, 'task' => 1,
            'mail' => 1, 'person' => 1, 'invitation' => 1,
        ];

        return '/'.preg_replace_callback('/\{(\w+)\??\}/', static fn(array $m): string => (string) ($known[$m[1]] ?? 'x'), $route->uri());
    }

    /** @return list<string> what the controller and what it builds on read */
    private function keys(Route $route): array
    {
        $action = $route->getActionName();
        if (! str_contains($action, '@')) {
            return [];
        }
        $class = new \ReflectionClass(explode('@', $action)[0]);
        $code = (string) file_get_contents((string) $class->getFileName());
        if (str_starts_with($route->uri(), 'workbench/looks')) {
            foreach (glob(app_path('Workbench/*/*.php'), GLOB_BRACE) ?: [] as $file) {
                $code .= file_get_contents($file);
            }
        }
        preg_match_all('/const ASKED = \[(.*?)\]/', $code, $asked);
        preg_match_all("/'([a-z_]+)'/", implode(' ', $asked[1]), $listed);
        preg_match_all('/->(?:word|whole|id|number|flag|words|pairs|uploaded|secret|has|input)\(\'([a-z_]+)\'/', $code, $m);
        preg_match_all('/^\s+\'([a-z_]+)\' => \[\'(?:required|nullable)/m', $code, $rules);

        return array_values(array_unique([...$m[1], ...$rules[1], ...$listed[1]]));
    }

    private function withoutThrottling(): void
    {
        Cache::flush();
        $this->withoutMiddleware(\Illuminate\Routing\Middleware\ThrottleRequests::class);
    }

    /** @return array{int, int, int} a look, a picture and a person of another store */
    private function elsewhere(): array
    {
        $store = Store::query()->create(['name' => 'Elsewhere', 'time_zone' => 'UTC', 'currency' => 'EUR']);
        app(CurrentStore::class)->is($store->id);
        $front = Storefront::query()->create(['name' => 'Elsewhere', 'slug' => 'elsewhere']);
        $look = Look::query()->create([
            'storefront_id' => $front->id, 'name' => 'L', 'theme' => 'millrace', 'version' => '1.1.0', 'starter' => 'river-dusk',
            'state' => '{}', 'head' => 0,
        ]);
        $picture = Picture::query()->create([
            'name' => 'theirs', 'alt' => 'Theirs', 'width' => 10, 'height' => 10, 'widths' => [10], 'bytes' => 1, 'base' => '/x/theirs',
        ]);
        $person = User::query()->create([
            'store_id' => $store->id, 'name' => 'S', 'email' => 's@elsewhere.example', 'password' => 'x', 'role' => Role::Owner,
        ]);
        app(CurrentStore::class)->is($this->storefront()->store_id);

        return [$look->id, $picture->id, $person->id];
    }

    private function png(int $width, int $height): string
    {
        ob_start();
        imagepng(imagecreatetruecolor($width, $height));

        return (string) ob_get_clean();
    }

    private function file(string $name, string $bytes): UploadedFile
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'up');
        file_put_contents($path, $bytes);

        return new UploadedFile($path, $name, null, null, true);
    }
}
