<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Mail;
use App\Models\NewsletterSubscriber;
use App\Models\Order;
use Illuminate\Support\Facades\DB;

/** Lists of addresses with double opt-in, forgotten on request; orders, and the letters that went with them. */
final class AddressesTest extends AppTestCase
{
    private const ROOM = '/workbench/looks/1/storeroom';

    private function linkIn(string $email): string
    {
        $html = Mail::query()->where('to', $email)->orderByDesc('id')->value('html');
        self::assertMatchesRegularExpression('#/letters/[0-9a-f]{64}#', (string) $html);
        preg_match('#(/letters/[0-9a-f]{64})#', (string) $html, $m);

        return $m[1];
    }

    public function testAnAddressIsOnTheListOnlyOnceItHasSaidYes(): void
    {
        $this->send('/letters', ['email' => 'Ada@Example.org'])->assertOk()->assertSee('say yes in it');
        $row = NewsletterSubscriber::query()->where('email', 'ada@example.org')->firstOrFail();
        self::assertNull($row->confirmed_at);
        $link = $this->linkIn('ada@example.org');
        // A machine that opens links says nothing for her.
        $this->get(self::SHOP.$link)->assertOk()->assertSee('Is ada@example.org your address?');
        self::assertNull($row->refresh()->confirmed_at);
        // Asked once, however often somebody types it.
        $this->send('/letters', ['email' => 'ada@example.org'])->assertOk()->assertSee('say yes in it');
        self::assertSame(1, Mail::query()->where('to', 'ada@example.org')->count());
        $this->send($link)->assertOk()->assertSee('Letters will come to ada@example.org');
        self::assertNotNull($row->refresh()->confirmed_at);
        $this->get(self::SHOP.$link)->assertOk()->assertSee('Take me off the list again');
        $this->send("$link/leave")->assertOk()->assertSee('You are off the list');
        self::assertFalse(NewsletterSubscriber::query()->where('email', 'ada@example.org')->exists());
        $this->get(self::SHOP.$link)->assertNotFound()->assertSee('leads no further');
        $this->post(self::SHOP.$link)->assertStatus(419);
    }

    public function testWhoNeverSaysYesIsForgottenAfterThirtyDays(): void
    {
        $this->send('/letters', ['email' => 'late@example.org', 'list' => 'launch'])->assertOk();
        self::assertSame('launch', NewsletterSubscriber::query()->where('email', 'late@example.org')->value('list'));
        $link = $this->linkIn('late@example.org');
        $this->travel(31)->days();
        $this->send($link)->assertNotFound();
        $this->send('/letters', ['email' => 'other@example.org'])->assertOk();
        self::assertFalse(NewsletterSubscriber::query()->where('email', 'late@example.org')->exists());
    }

    public function testAddressesAreSeenSearchedExportedAndForgottenForGood(): void
    {
        $this->actingAs($this->person('maren'));
        $this->post(
            self::ROOM.'/new',
            ['open_kind' => 'addresses', 'new' => ['email' => 'Bo@Example.org']],
        )->assertOk()->assertSee('bo@example.org');
        $this->post(self::ROOM.'/new', ['open_kind' => 'addresses', 'new' => ['email' => 'bo at example']])->assertStatus(422)
            ->assertSee('is no e-mail address');
        // What was done is told to everybody; whose address it is, is not.
        self::assertSame('new address', DB::table('store_edits')->orderByDesc('id')->value('label'));
        $this->get(self::ROOM.'?open_kind=addresses&open_q=bo@')->assertOk()->assertSee('bo@example.org');
        self::assertStringContainsString('bo@example.org', $this->get(self::ROOM.'/out/addresses.csv')->streamedContent());
        $id = NewsletterSubscriber::query()->where('email', 'bo@example.org')->value('id');
        $this->post(self::ROOM.'/delete', ['open_kind' => 'addresses', 'ids' => (string) $id])->assertOk();
        foreach (['letters' => 'email', 'store_edit_parts' => 'changes', 'store_edits' => 'label', 'mails' => 'to'] as $table => $column) {
            self::assertFalse(DB::table($table)->where($column, 'like', '%bo@example%')->exists(), $table);
        }
        // What is left of the edit can still be taken back, and brings nobody back.
        $this->post(self::ROOM.'/undo', ['open_kind' => 'addresses'])->assertOk();
        self::assertFalse(NewsletterSubscriber::query()->where('email', 'bo@example.org')->exists());
    }

    public function testOrdersAreSeenAndSearchedWithTheirLettersAndChangedByNobody(): void
    {
        $order = Order::query()->create([
            'storefront_id' => $this->storefront()->id, 'number' => 'W261130-ABCDEF', 'token' => str_repeat('a', 64), 'payment' => 'x',
            'customer' => 'Ada Marsh', 'email' => 'ada@example.org', 'total' => 3650,
            'details' => ['name' => 'Ada Marsh', 'email' => 'ada@example.org', 'street' => '4 Mill Lane'],
            'lines' => [['name' => 'Heron folding lantern', 'quantity' => 1, 'sum' => 3000]],
            'totals' => ['goods' => 3000, 'off' => 0, 'delivery' => 650, 'total' => 3650, 'code' => null, 'offer' => 'Standard post'],
        ]);
        $letter = Mail::query()->create([
            'storefront_id' => $this->storefront()->id, 'to' => 'ada@example.org', 'subject' => "Wrenfold: Order $order->number",
            'html' => '<p>x</p>',
        ]);
        $this->actingAs($this->person('maren'));
        $page = $this->get(self::ROOM."?open_kind=orders&open_record=$order->id&open_q=Ada")->assertOk();
        $page->assertSee($order->number)->assertSee('4 Mill Lane')->assertSee('36.50')->assertSee("/mail/$letter->id");
        $this->post(
            self::ROOM.'/cells',
            ['open_kind' => 'orders', 'record' => $order->id, 'column' => 'total', 'value' => '1'],
        )->assertStatus(422);
        $this->post(self::ROOM.'/delete', ['open_kind' => 'orders', 'ids' => (string) $order->id])->assertOk();
        self::assertTrue(Order::query()->whereKey($order->id)->exists());
        // Customers are nobody's business who only looks.
        $this->actingAs($this->person('ines'))->get(self::ROOM."?open_kind=orders&open_record=$order->id")->assertOk()
            ->assertDontSee($order->number)->assertDontSee('ada@example.org');
    }

    public function testALockedShopTakesAddressesForItsOpeningOnlyWhereItSaysSo(): void
    {
        $this->storefront()->update(['locked' => true, 'password' => \Illuminate\Support\Facades\Hash::make('dusk')]);
        $this->send('/letters', ['email' => 'early@example.org', 'list' => 'launch'])->assertRedirect(self::SHOP.'/locked');
        $this->edit(['path' => 'locked.list', 'value' => '1'])->assertOk();
        $this->post("/workbench/looks/{$this->look()->id}/publish", ['seen' => $this->look()->head])->assertOk();
        $this->get(self::SHOP.'/locked')->assertSee('Tell me when it opens')->assertSee('Write to me');
        $this->send('/letters', ['email' => 'early@example.org', 'list' => 'launch'])->assertOk()->assertDontSee('Paper lanterns');
        $row = NewsletterSubscriber::query()->where('email', 'early@example.org')->sole();
        self::assertSame(['launch', null], [$row->list, $row->confirmed_at]);
        $this->get(self::SHOP."/letters/$row->token")->assertOk()->assertSee('early@example.org');
        $this->send("/letters/$row->token")->assertOk();
        self::assertNotNull($row->refresh()->confirmed_at);
        $this->get(self::SHOP.'/')->assertRedirect(self::SHOP.'/locked');
    }
}
