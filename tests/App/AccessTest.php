<?php

declare(strict_types=1);

namespace Tests\App;

use App\Access\AccessLinks;
use App\Access\SecondFactor;
use App\Models\AccessLink;
use App\Models\AuditEntry;
use App\Models\Mail;
use App\Models\Role;
use App\Models\Store;
use App\Models\User;
use Ikat\Core\Access\Base32;
use Ikat\Core\Access\OneTimePassword;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;

/** Ways in, and ways out: sign-in, second factor, new passwords, invitations, sessions, people, and the trail of all of it. */
final class AccessTest extends AppTestCase
{
    private const NEW = 'three paper lanterns';

    /** What stood in the trail before this test. */
    private static int $before = 0;

    protected function setUp(): void
    {
        parent::setUp();
        self::$before = (int) AuditEntry::query()->max('id');
    }

    private function signIn(string $password = 'lantern-night', string $email = 'maren@wrenfold.example'): \Illuminate\Testing\TestResponse
    {
        return $this->post('/workbench/sign-in', ['email' => $email, 'password' => $password]);
    }

    /** @return list<string> */
    private static function trail(): array
    {
        return array_values(AuditEntry::query()->where('id', '>', self::$before)->orderBy('id')->pluck('what')->all());
    }

    private function linkIn(string $way): string
    {
        self::assertSame(1, preg_match("#/workbench/$way/[0-9a-f]{64}#", (string) Mail::query()->latest('id')->first()?->html, $m));

        return $m[0];
    }

    /** An accent, another case or a blank is another spelling of nobody, and counts against the same account's tries. */
    public function testAnotherSpellingOfAnAddressIsNobody(): void
    {
        foreach (['márén@wrenfold.example', 'maren@wrenfoldé.example', 'maren @wrenfold.example'] as $email) {
            $this->signIn('lantern-night', $email)->assertStatus(422);
        }
        $this->assertGuest();
        for ($i = 0; $i < 5; $i++) {
            $this->signIn(
                'wrong',
                [
                    'maren@wrenfold.example', 'MAREN@wrenfold.example', ' maren@wrenfold.example', 'ｍaren@wrenfold.example',
                    'Maren@Wrenfold.Example ',
                ][$i],
            )->assertStatus(422);
        }
        $this->signIn()->assertStatus(429);
    }

    /** The same work whether or not somebody is there: counted, because a clock would be noisy. */
    public function testWhoIsThereIsNotToldByTime(): void
    {
        $checks = 0;
        Hash::extend('counting', function () use (&$checks) {
            return new class ($checks) extends \Illuminate\Hashing\BcryptHasher {
                public function __construct(private int &$checks)
                {
                    parent::__construct(['rounds' => 4]);
                }

                public function check($value, $hashedValue, array $options = [])
                {
                    $this->checks++;

                    return parent::check($value, $hashedValue, $options);
                }
            };
        });
        config(['hashing.driver' => 'counting']);
        $this->signIn('wrong')->assertStatus(422);
        $one = $checks;
        $this->signIn('wrong', 'nobody@wrenfold.example')->assertStatus(422);
        self::assertSame([1, 2], [$one, $checks]);
        $reset = $this->post('/workbench/forgot', ['email' => 'nobody@wrenfold.example'])->assertOk()->getContent();
        self::assertSame(
            $reset,
            $this->post('/workbench/forgot', ['email' => 'maren@wrenfold.example'])->assertOk()->getContent(),
            'the same words',
        );
    }

    public function testASecondFactorIsSetUpAskedForAndRecovered(): void
    {
        // A code holds for half a minute: the clock stands still, so that none ends meanwhile.
        $this->freezeTime();
        $maren = $this->person('maren');
        $this->actingAs($maren)->post('/workbench/account/second-factor/teach')->assertRedirect();
        $secret = (string) session('second-factor-taught');
        $this->get('/workbench/account')
            ->assertOk()
            ->assertSee('otpauth://totp/Ikat:maren', false)
            ->assertSee(implode(' ', str_split($secret, 4)));
        $this->post('/workbench/account/second-factor', ['code' => '000000'])->assertStatus(422)->assertSee('not the code');
        self::assertFalse($maren->refresh()->hasSecondFactor());
        $now = static fn(int $away = 0): string => OneTimePassword::at(Base32::decode($secret), intdiv(now()->getTimestamp(), 30) + $away);
        $page = (string) $this
            ->post('/workbench/account/second-factor', ['code' => $now()])
            ->assertOk()
            ->assertSee('Your recovery codes')
            ->getContent();
        preg_match_all('#<code>([a-z2-7-]{19})</code>#', $page, $m);
        self::assertCount(10, array_unique($m[1]));
        self::assertStringNotContainsString(
            $secret,
            (string) DB::table('users')->where('id', $maren->id)->value('factor_secret'),
            'encrypted',
        );
        self::assertStringNotContainsString(
            $m[1][0],
            (string) DB::table('users')->where('id', $maren->id)->value('recovery_codes'),
            'hashed',
        );
        $this->post('/workbench/sign-out');
        $this->signIn()->assertRedirect('/workbench/second-factor');
        $this->assertGuest();
        $this->get("/workbench/looks/{$this->look()->id}/colors")->assertRedirect('/workbench/sign-in');
        $this->post('/workbench/second-factor', ['code' => $now()])->assertStatus(422);
        $this->assertGuest();
        $this->post('/workbench/second-factor', ['code' => $now(1)])->assertRedirect();
        $this->assertAuthenticatedAs($maren);
        $this->post('/workbench/sign-out');
        foreach ([[$m[1][0], true], [$m[1][0], false], [strtoupper(str_replace('-', ' ', $m[1][1])), true]] as [$code, $opens]) {
            $this->signIn()->assertRedirect('/workbench/second-factor');
            $this->post('/workbench/second-factor', ['code' => $code])->assertStatus($opens ? 302 : 422);
            self::assertSame($opens, auth()->check());
            $this->post('/workbench/sign-out');
        }
        $this->actingAs($maren->refresh())->post('/workbench/account/second-factor/off', ['current' => 'wrong'])->assertStatus(422);
        $this->post('/workbench/account/second-factor/off', ['current' => 'lantern-night'])->assertRedirect();
        self::assertFalse($maren->refresh()->hasSecondFactor());
        self::assertContains('second factor turned off', self::trail());
    }

    public function testGuessingASecondFactorIsThrottled(): void
    {
        $maren = $this->person('maren');
        SecondFactor::begin(
            $maren,
            $secret = SecondFactor::secret(),
            OneTimePassword::at(Base32::decode($secret), intdiv(now()->getTimestamp(), 30)),
        );
        $this->signIn()->assertRedirect('/workbench/second-factor');
        for ($i = 0; $i < 5; $i++) {
            $this->post('/workbench/second-factor', ['code' => '00000'.$i])->assertStatus(422);
        }
        $this->post(
            '/workbench/second-factor',
            ['code' => OneTimePassword::at(Base32::decode($secret), intdiv(now()->getTimestamp(), 30) + 1)],
        )->assertStatus(429);
        $this->assertGuest();
        $this->travel(10)->minutes();
        $this->get('/workbench/second-factor')->assertRedirect('/workbench/sign-in');
    }

    public function testAPasswordIsChangedAndEverywhereElseIsOver(): void
    {
        $maren = $this->person('maren');
        DB::table('sessions')->insert([
            'id' => 'elsewhere', 'user_id' => $maren->id, 'ip_address' => '127.0.0.9', 'user_agent' => 'Firefox/1 Linux', 'payload' => '',
            'last_activity' => time(),
        ]);
        $this->actingAs($maren);
        foreach ([
            ['wrong', self::NEW, self::NEW, 'not your present password'],
            ['lantern-night', self::NEW, 'another one', 'not the same'],
            ['lantern-night', 'short', 'short', 'at least 12'],
            ['lantern-night', 'aaaaaaaaaaaaaaaa', 'aaaaaaaaaaaaaaaa', 'repeats itself'],
            ['lantern-night', str_repeat('abcdefg', 11), str_repeat('abcdefg', 11), 'at most 72'],
        ] as [$current, $one, $two, $words]) {
            $this->post(
                '/workbench/account/password',
                ['current' => $current, 'password' => $one, 'again' => $two],
            )->assertStatus(422)->assertSee($words);
            $this->travel(2)->minutes();
        }
        $this->post(
            '/workbench/account/password',
            ['current' => 'lantern-night', 'password' => self::NEW, 'again' => self::NEW],
        )->assertRedirect('/workbench/account?done=password');
        self::assertSame(0, DB::table('sessions')->where('id', 'elsewhere')->count());
        self::assertTrue(Hash::check(self::NEW, $maren->refresh()->password));
    }

    /** A session that was taken along does not outlive the password it began with. */
    public function testASessionEndsWithItsPassword(): void
    {
        $maren = $this->person('maren');
        $this->actingAs($maren)->get('/workbench/account')->assertOk();
        User::query()->whereKey($maren->id)->update(['password' => Hash::make(self::NEW)]);
        $this->app['auth']->forgetGuards();
        $this->be(User::query()->findOrFail($maren->id));
        $this->get('/workbench/account')->assertRedirect('/workbench/sign-in');
    }

    public function testSessionsAreListedAndEnded(): void
    {
        $maren = $this->person('maren');
        foreach (['one', 'two', 'three'] as $id) {
            DB::table('sessions')->insert([
                'id' => $id, 'user_id' => $maren->id, 'ip_address' => '127.0.0.9',
                'user_agent' => 'Mozilla/5.0 (X11; Linux x86_64) Firefox/140.0', 'payload' => '', 'last_activity' => time(),
            ]);
        }
        DB::table('sessions')->insert([
            'id' => 'tobias', 'user_id' => $this->person('tobias')->id, 'ip_address' => '127.0.0.9', 'user_agent' => '', 'payload' => '',
            'last_activity' => time(),
        ]);
        $page = (string) $this->actingAs($maren)->get('/workbench/account')->assertOk()->assertSee('Firefox on Linux')->getContent();
        self::assertStringNotContainsString('"one"', $page, 'ids of sessions stand on no page');
        preg_match_all('/name="session" value="([0-9a-f]{24})"/', $page, $m);
        $this->post('/workbench/account/sessions', ['session' => $m[1][0]])->assertRedirect();
        self::assertSame(2, DB::table('sessions')->whereIn('id', ['one', 'two', 'three'])->count());
        $this->post('/workbench/account/sessions', ['session' => substr(hash('sha256', 'session|tobias'), 0, 24)]);
        $this->post('/workbench/account/sessions', ['session' => 'others']);
        self::assertSame(
            [0, 1],
            [DB::table('sessions')->whereIn('id', ['one', 'two', 'three'])->count(), DB::table('sessions')->where('id', 'tobias')->count()],
        );
    }

    public function testAForgottenPasswordIsChosenAnewByLetter(): void
    {
        $this->post('/workbench/forgot', ['email' => 'Maren@wrenfold.example'])->assertOk()->assertSee('on its way');
        $way = $this->linkIn('reset');
        self::assertSame(0, AccessLink::query()->where('token_hash', basename($way))->count(), 'only the receiver knows it');
        DB::table('sessions')->insert([
            'id' => 'thief', 'user_id' => $this->person('maren')->id, 'payload' => '', 'last_activity' => time(),
        ]);
        $this->get($way)->assertOk()->assertSee('maren@wrenfold.example');
        $this->post($way, ['password' => 'short', 'again' => 'short'])->assertStatus(422)->assertSee('at least 12');
        $this->post($way, ['password' => self::NEW, 'again' => self::NEW])->assertRedirect('/workbench/sign-in');
        self::assertSame(0, DB::table('sessions')->where('id', 'thief')->count());
        $this->post($way, ['password' => 'another password 9', 'again' => 'another password 9'])->assertNotFound();
        $this->signIn(self::NEW)->assertRedirect('/workbench');
        $this->post('/workbench/sign-out');
        $this->post('/workbench/forgot', ['email' => 'maren@wrenfold.example']);
        $late = $this->linkIn('reset');
        $this->travel(61)->minutes();
        $this->get($late)->assertNotFound()->assertSee('does not hold any more');
        $this->get('/workbench/reset/'.str_repeat('0', 64))->assertNotFound();
        $this->get('/workbench/invitation/'.basename($late))->assertNotFound();
    }

    public function testAnInvitationIsSentTakenAndHoldsOnce(): void
    {
        $this->actingAs($this->person('tobias'))->get('/workbench/people')->assertForbidden();
        $this->post('/workbench/people', ['email' => 'x@wrenfold.example', 'role' => 'owner'])->assertForbidden();
        $this->actingAs($this->person('maren'));
        foreach ([
            ['not one', 'designer', 'Write an address'],
            ['new@wrenfold.example', 'king', 'Choose a role'],
            ['Tobias@wrenfold.example', 'owner', 'works with Ikat already'],
        ] as [$email, $role, $words]) {
            $this->post('/workbench/people', ['email' => $email, 'role' => $role])->assertStatus(422)->assertSee($words);
        }
        $this->post(
            '/workbench/people',
            ['email' => 'Pia@wrenfold.example', 'name' => 'Pia', 'role' => 'designer'],
        )->assertRedirect('/workbench/people');
        $first = $this->linkIn('invitation');
        $this->post(
            '/workbench/people',
            ['email' => 'pia@wrenfold.example', 'name' => 'Pia', 'role' => 'designer'],
        )->assertRedirect('/workbench/people');
        $way = $this->linkIn('invitation');
        $this->get('/workbench/people')->assertSee('pia@wrenfold.example');
        $this->post('/workbench/sign-out');
        $this->get($first)->assertNotFound();
        $this->get($way)->assertOk()->assertSee('value="Pia"', false);
        $this->post($way, ['name' => '', 'password' => self::NEW, 'again' => self::NEW])->assertStatus(422);
        $this->post(
            $way,
            ['name' => 'Pia', 'password' => self::NEW, 'again' => self::NEW, 'role' => 'owner', 'store_id' => 99],
        )->assertRedirect('/workbench/sign-in');
        $pia = $this->person('pia');
        self::assertSame([Role::Designer, $this->storefront()->store_id], [$pia->role, $pia->store_id]);
        $this->post($way, ['name' => 'Second', 'password' => self::NEW, 'again' => self::NEW])->assertNotFound();
        $this->actingAs($this->person('maren'))->post('/workbench/people', ['email' => 'late@wrenfold.example', 'role' => 'viewer']);
        $late = $this->linkIn('invitation');
        $this->post('/workbench/people/invitations/'.AccessLink::query()->where(
            'purpose',
            AccessLinks::INVITATION,
        )->latest('id')->value('id').'/withdraw')
            ->assertRedirect();
        $this->post('/workbench/sign-out');
        $this->get($late)->assertNotFound();
    }

    public function testPeopleChangeRolesAndGoAndOneOwnerStays(): void
    {
        [$maren, $tobias] = [$this->person('maren'), $this->person('tobias')];
        $this->actingAs($maren)
            ->post("/workbench/people/$maren->id/role", ['role' => 'viewer'])
            ->assertStatus(422)
            ->assertSee('at least one owner');
        $this->post("/workbench/people/$maren->id/remove")->assertStatus(422);
        $this->post("/workbench/people/$tobias->id/role", ['role' => 'king'])->assertStatus(422);
        $this->post("/workbench/people/$tobias->id/role", ['role' => 'owner'])->assertRedirect();
        self::assertSame(Role::Owner, $tobias->refresh()->role);
        DB::table('sessions')->insert(['id' => 'his', 'user_id' => $tobias->id, 'payload' => '', 'last_activity' => time()]);
        $this->post("/workbench/people/$tobias->id/sign-out")->assertRedirect();
        self::assertSame(0, DB::table('sessions')->where('id', 'his')->count());
        $this->post("/workbench/people/$tobias->id/remove")->assertRedirect();
        $this->post('/workbench/sign-out');
        $this->signIn('lantern-night', 'tobias@wrenfold.example')->assertStatus(422);
        $other = Store::query()->create(['name' => 'Other', 'time_zone' => 'UTC', 'currency' => 'USD']);
        $stranger = User::query()->create([
            'store_id' => $other->id, 'name' => 'S', 'email' => 's@other.example', 'role' => 'designer', 'password' => self::NEW,
        ]);
        $this->actingAs($maren);
        foreach (['role', 'remove', 'sign-out'] as $what) {
            $this->post("/workbench/people/$stranger->id/$what", ['role' => 'viewer'])->assertNotFound();
        }
        $page = $this->get('/workbench/people')->assertOk()->assertDontSee('s@other.example')->assertSee('somebody was taken out');
        $page->assertSee('role changed')->assertSee('signed out everywhere');
    }

    public function testTheTrailTellsOfSignInsPublishesAndDeletionsAndIsNeverChanged(): void
    {
        $this->signIn('wrong')->assertStatus(422);
        $this->signIn()->assertRedirect();
        $look = $this->look();
        $this->post(
            "/workbench/looks/$look->id/publish",
            ['seen' => $look->head, 'reason' => 'a test'],
            ['HX-Request' => 'true'],
        )->assertOk();
        $this->post("/workbench/looks/$look->id/copy");
        $copy = \App\Models\Look::query()->latest('id')->firstOrFail();
        $this->post("/workbench/looks/$copy->id/away", [], ['HX-Request' => 'true'])->assertOk();
        $this->post('/workbench/sign-out');
        self::assertSame(['sign-in refused', 'signed in', 'published', 'look put away', 'signed out'], self::trail());
        self::assertSame('127.0.0.1', AuditEntry::query()->latest('id')->first()?->ip_address);
        foreach (AuditEntry::query()->get() as $entry) {
            self::assertStringNotContainsString('lantern-night', json_encode($entry->getAttributes(), JSON_THROW_ON_ERROR));
        }
        $this->expectException(\LogicException::class);
        AuditEntry::query()->firstOrFail()->update(['what' => 'nothing']);
    }

    public function testAViewerDoesNotReadCustomersLetters(): void
    {
        $mail = Mail::query()->create([
            'storefront_id' => $this->storefront()->id, 'to' => 'ada@example.org', 'subject' => 'Order', 'html' => '<p>4 Mill Lane</p>',
        ]);
        $id = $this->look()->id;
        $this->actingAs($this->person('ines'))->get("/workbench/looks/$id/mailbox")->assertForbidden();
        $this->get("/preview/$id/now".self::SHOP."/mail/$mail->id")->assertForbidden();
        $this->actingAs($this->person('tobias'))->get("/workbench/looks/$id/mailbox")->assertOk();
        $own = Mail::query()->create([
            'storefront_id' => null, 'to' => 'maren@wrenfold.example', 'subject' => 'Choose', 'html' => 'way in',
        ]);
        $this->get("/preview/$id/now".self::SHOP."/mail/$own->id")->assertNotFound();
    }

    /** A key that was exchanged still opens what it locked. */
    public function testTheKeyCanBeExchanged(): void
    {
        $key = $this->post(
            '/shop/wrenfold-trade/locked',
            ['password' => 'tradelight'],
            ['Sec-Fetch-Site' => 'same-origin'],
        )->getCookie('shop_key', false);
        $maren = $this->person('maren');
        $maren->update(['factor_secret' => 'ABCDEFGH']);
        config(['app.previous_keys' => [config('app.key')], 'app.key' => 'base64:'.base64_encode(random_bytes(32))]);
        $this->app->forgetInstance('encrypter');
        \Illuminate\Support\Facades\Facade::clearResolvedInstance('encrypter');
        \Illuminate\Support\Facades\Crypt::clearResolvedInstances();
        $this->withUnencryptedCookie('shop_key', (string) $key?->getValue())->get('/shop/wrenfold-trade/')->assertOk();
        self::assertSame('ABCDEFGH', User::query()->findOrFail($maren->id)->factor_secret);
        // Locked anew, the earlier key may go.
        self::assertSame(0, \Illuminate\Support\Facades\Artisan::call('secrets:renew'));
        config(['app.previous_keys' => []]);
        $this->app->forgetInstance('encrypter');
        \Illuminate\Support\Facades\Facade::clearResolvedInstance('encrypter');
        self::assertSame('ABCDEFGH', User::query()->findOrFail($maren->id)->factor_secret);
    }
}
