<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\CurrentStore;
use App\Models\Look;
use App\Models\Product;
use App\Models\Store;
use App\Models\Storefront;
use App\Models\User;
use App\Workbench\Shell\Steps;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

/** A new, empty store: opened from the sign-in page or at the console, and every step of it works before there is anything in it. */
final class NewStoreTest extends AppTestCase
{
    private const PASSWORD = 'nine quiet herons';

    /** @return array<string, string> */
    private static function given(array $other = []): array
    {
        return [...[
            'store' => 'Ferry Ropes & Twine', 'country' => 'DE', 'zone' => 'Europe/Berlin', 'person' => 'Ulla',
            'email' => 'Ulla@ferry.example',
            'password' => self::PASSWORD, 'again' => self::PASSWORD,
        ], ...$other];
    }

    private function opened(): Look
    {
        $this->app['auth']->forgetGuards();
        $this->post('/workbench/open', self::given())->assertRedirect('/workbench');
        $owner = User::query()->where('email', 'ulla@ferry.example')->firstOrFail();
        app(CurrentStore::class)->is($owner->store_id);

        return Look::query()->with('storefront.store')->firstOrFail();
    }

    /** Requests as somebody of the new store: the demo's own is not theirs. */
    private function as(User $user, string $path): \Illuminate\Testing\TestResponse
    {
        return $this->actingAs($user)->get($path);
    }

    public function testAStoreIsOpenedThroughAShortPathThatLeadsToTheFirstStep(): void
    {
        $this->get('/workbench/sign-in')->assertOk()->assertSee('Open a new store');
        $this->get('/workbench/open')->assertOk()->assertSee('Name of the store');
        foreach ([
            ['store' => ''], ['country' => 'XX'], ['zone' => 'Mars/Olympus'], ['email' => 'nobody'], ['again' => 'another one here'],
            ['email' => 'maren@wrenfold.example'],
        ] as $wrong) {
            $this->post('/workbench/open', self::given($wrong))->assertStatus(422)->assertSee('role="alert"', false)
                ->assertSee($wrong['person'] ?? 'Ulla');
        }
        $look = $this->opened();
        self::assertSame(
            ['EUR', ['DE'], 'Europe/Berlin'],
            [$look->storefront->store->currency, $look->storefront->store->countries, $look->storefront->store->time_zone],
        );
        self::assertSame('ferry-ropes-twine', $look->storefront->slug);
        self::assertTrue($look->storefront->locked);
        $this->get('/workbench')->assertRedirect("/workbench/looks/$look->id/start");
        // A second one of the same name has another address.
        $this->app['auth']->logout();
        $this->post('/workbench/open', self::given(['email' => 'udo@ferry.example']))->assertRedirect('/workbench');
        self::assertTrue(Storefront::query()->withoutGlobalScope('store')->where('slug', 'ferry-ropes-twine-2')->exists());
    }

    public function testWhoeverServesItMayKeepThatToThemselves(): void
    {
        config(['ikat.open_stores' => false]);
        $this->get('/workbench/sign-in')->assertOk()->assertDontSee('Open a new store');
        $this->get('/workbench/open')->assertNotFound();
        $this->post('/workbench/open', self::given())->assertNotFound();
    }

    public function testEveryStepAndEveryPageWorksBeforeThereIsAnythingInIt(): void
    {
        $look = $this->opened();
        $owner = User::query()->where('email', 'ulla@ferry.example')->firstOrFail();
        foreach (app(Steps::class)->all() as $step) {
            $page = $this->as($owner, "/workbench/looks/$look->id/{$step->key()}")->assertOk();
            self::assertStringNotContainsStringIgnoringCase('wrenfold', (string) $page->getContent(), $step->key());
            self::assertStringNotContainsStringIgnoringCase(
                'lantern',
                (string) preg_replace('/placeholder="[^"]*"/', '', (string) $page->getContent()),
                $step->key(),
            );
        }
        foreach (['goods', 'categories', 'menus', 'entries', 'pages', 'codes', 'delivery', 'storefronts', 'store'] as $kind) {
            $this->as($owner, "/workbench/looks/$look->id/storeroom?open_kind=$kind")->assertOk();
        }
        app(CurrentStore::class)->is($owner->store_id);
        $paths = app(\App\Storefront\SamplePages::class)->paths($look->storefront);
        foreach ($paths as $key => $path) {
            $page = $this->as($owner, "/preview/$look->id/now/shop/{$look->storefront->slug}$path");
            self::assertContains($page->getStatusCode(), [200, 404, 422], "$key $path");
            self::assertStringNotContainsStringIgnoringCase('wrenfold', (string) $page->getContent(), $key);
        }
    }

    public function testTheConsoleOpensOneToo(): void
    {
        $given = [
            'name' => 'Quay Books',
            'email' => 'ida@quay.example',
            '--country' => 'GB',
            '--zone' => 'Europe/London',
            '--password' => self::PASSWORD,
        ];
        self::assertSame(0, Artisan::call('store:open', $given));
        self::assertStringContainsString('Opened Quay Books', Artisan::output());
        self::assertSame('GBP', Store::query()->where('name', 'Quay Books')->value('currency'));
        foreach ([[], ['--country' => 'ZZ'], ['--zone' => 'Moon'], ['email' => 'nobody'], ['--password' => 'short']] as $wrong) {
            self::assertSame(1, Artisan::call('store:open', [...$given, ...$wrong]));
        }
    }

    public function testNoRouteOfTheStoreroomReachesAnotherStore(): void
    {
        $look = $this->opened();
        $ulla = User::query()->where('email', 'ulla@ferry.example')->firstOrFail();
        $theirs = (int) DB::table('products')->where('slug', 'moth-paper-globe')->value('id');
        $before = DB::table('products')->where('id', $theirs)->first();
        $demo = $this->look()->id;
        foreach (['cells', 'many', 'new', 'delete', 'move', 'undo', 'redo', 'files'] as $act) {
            // Somebody else's look is not there at all.
            $this->actingAs($ulla)->post("/workbench/looks/$demo/storeroom/$act")->assertNotFound();
        }
        $this->get("/workbench/looks/$demo/storeroom/out/goods.csv")->assertNotFound();
        $room = "/workbench/looks/$look->id/storeroom";
        $this->post(
            "$room/cells",
            ['record' => $theirs, 'column' => 'price', 'value' => '1'],
        )->assertStatus(422)->assertSee('no longer there');
        $this->post("$room/delete", ['ids' => (string) $theirs])->assertOk();
        $this->post("$room/move", ['record' => $theirs, 'by' => 1])->assertStatus(422);
        $this->get("$room?open_record=$theirs")->assertOk()->assertDontSee('Moth paper globe');
        self::assertStringNotContainsString('Moth', (string) $this->get("$room/out/goods.csv")->streamedContent());
        self::assertEquals($before, DB::table('products')->where('id', $theirs)->first());
    }

    public function testThoseWhoLookChangeNothingAndTheStoreIsTheOwnersAlone(): void
    {
        $id = Product::query()->value('id');
        $room = "/workbench/looks/{$this->look()->id}/storeroom";
        foreach (['cells', 'many', 'new', 'delete', 'move', 'undo', 'redo', 'files', 'files/1/take'] as $act) {
            $this->actingAs($this->person('ines'))->post(
                "$room/$act",
                ['record' => $id, 'column' => 'price', 'value' => '1'],
            )->assertForbidden();
        }
        foreach (['store', 'storefronts'] as $kind) {
            $this->actingAs($this->person('tobias'))->post(
                "$room/cells",
                ['open_kind' => $kind, 'record' => 1, 'column' => 'name', 'value' => 'Mine'],
            )
                ->assertForbidden();
        }
        $store = $this->storefront()->store_id;
        $this->actingAs($this->person('maren'))->post(
            "$room/cells",
            ['open_kind' => 'store', 'record' => $store, 'column' => 'currency', 'value' => 'eur'],
        )
            ->assertOk();
        self::assertSame('EUR', Store::query()->whereKey($store)->value('currency'));
        $this->post(
            "$room/cells",
            ['open_kind' => 'store', 'record' => $store, 'column' => 'countries', 'value' => 'US QQ'],
        )->assertStatus(422);
        $this->post("$room/new", ['open_kind' => 'storefronts', 'new' => ['name' => 'X', 'slug' => 'x']])->assertStatus(422);
        // Nor does somebody else take the owner's edit back, or go round the table with a file.
        foreach (['undo', 'redo'] as $act) {
            $this->actingAs($this->person('tobias'))->post("$room/$act")->assertStatus($act === 'undo' ? 422 : 200);
        }
        self::assertSame('EUR', Store::query()->whereKey($store)->value('currency'));
        foreach ([
            'store' => "name,currency\nWrenfold Lantern Co.,USD\n",
            'storefronts' => "address,locked\nwrenfold-trade,no\n",
        ] as $kind => $csv) {
            $this->post(
                "$room/files",
                ['open_kind' => $kind, 'file' => UploadedFile::fake()->createWithContent('x.csv', $csv)],
            )->assertStatus(422);
        }
        self::assertTrue($this->storefront('wrenfold-trade')->locked);
        $this->actingAs($this->person('maren'))->post("$room/undo")->assertOk();
        self::assertSame('USD', Store::query()->whereKey($store)->value('currency'));
        $this->actingAs($this->person('tobias'))->post("$room/redo")->assertStatus(422)->assertSee('only the owner');
        // An address that another store's storefront has is nobody's to take.
        $this->opened();
        app(CurrentStore::class)->is($store);
        $this->actingAs($this->person('maren'))->post("$room/cells", [
            'open_kind' => 'storefronts', 'record' => $this->storefront()->id, 'column' => 'slug', 'value' => 'ferry-ropes-twine',
        ])->assertStatus(422)->assertSee('already');
    }

    public function testAnotherStorefrontIsOpenedWithALookCopiedAcross(): void
    {
        $look = $this->look();
        $room = "/workbench/looks/$look->id/storeroom";
        $this->actingAs($this->person('tobias'))->post("$room/storefronts", ['name' => 'Outlet'])->assertForbidden();
        $this->actingAs($this->person('maren'));
        $this->post("$room/storefronts", ['name' => ''])->assertStatus(422)->assertSee('Give the storefront a name');
        $this->post(
            "$room/storefronts",
            ['name' => 'X', 'address' => 'wrenfold-trade'],
        )->assertStatus(422)->assertSee('Another storefront has the address');
        $address = (string) $this->post("$room/storefronts", ['name' => 'River outlet'])->assertOk()->headers->get('HX-Redirect');
        $made = Storefront::query()->where('slug', 'river-outlet')->firstOrFail();
        self::assertTrue($made->locked);
        $copy = Look::query()->where('storefront_id', $made->id)->firstOrFail();
        self::assertSame([$look->name, $look->state], [$copy->name, $copy->state]);
        $this->get($address)->assertOk()->assertSee('River outlet');
        $this->post("$room/storefronts/$made->id/password", ['password' => 'short'])->assertStatus(422);
        $this->post("$room/storefronts/$made->id/password", ['password' => 'willow gate'])->assertOk();
        self::assertTrue(\Illuminate\Support\Facades\Hash::check('willow gate', (string) $made->refresh()->password));
        $this->opened();
        $ulla = User::query()->where('email', 'ulla@ferry.example')->firstOrFail();
        $own = Look::query()->withoutGlobalScope('store')->where('store_id', $ulla->store_id)->value('id');
        $this->actingAs($ulla)->post(
            "/workbench/looks/$own/storeroom/storefronts/$made->id/password",
            ['password' => 'not hers'],
        )->assertNotFound();
    }
}
