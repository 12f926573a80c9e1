<?php

declare(strict_types=1);

namespace App\Storefront;

use App\Database\Transaction;
use App\Models\Mail;
use App\Models\NewsletterSubscriber;
use App\Storeroom\TouchedColumns;
use Ikat\Core\Store\RecordKinds;
use Illuminate\Support\Facades\DB;

/** Addresses on their way to a list: asked by a letter, and on it once they have said yes themselves (double opt-in). */
final class Subscribe
{
    /** Days somebody has to say yes. */
    private const DAYS = 30;

    public const LISTS = ['newsletter' => 'the newsletter', 'launch' => 'the opening'];

    public function __construct(private readonly TouchedColumns $touched) {}

    /** Asks by a letter; whoever is on the list already is not asked again, and nobody else learns that they are. */
    public function ask(ShopContext $shop, string $email, string $list): void
    {
        Transaction::run(function () use ($shop, $email, $list): void {
            $this->touch();
            NewsletterSubscriber::query()->whereNull('confirmed_at')->where('created_at', '<', now()->subDays(self::DAYS))->delete();
            $row = NewsletterSubscriber::query()->firstOrCreate(
                ['email' => mb_strtolower($email)],
                ['list' => $list, 'storefront_id' => $shop->storefront->id, 'token' => bin2hex(random_bytes(32)), 'confirmed_at' => null],
            );
            if (! $row->wasRecentlyCreated) {
                return;
            }
            $subject = $shop->text('header.logo.name').': '.$shop->say('Is this your address?');
            Mail::query()->create([
                'storefront_id' => $shop->storefront->id, 'to' => $row->email, 'subject' => mb_substr($subject, 0, 200),
                'html' => view('shop.opt-in-mail', ['shop' => $shop, 'token' => $row->token, 'subject' => $subject])->render(),
            ]);
        });
    }

    /** @return ?NewsletterSubscriber null when the link leads to nobody: it was never sent, is too old, or they have left */
    public function find(string $token): ?NewsletterSubscriber
    {
        $row = NewsletterSubscriber::query()->firstWhere('token', $token);
        $isOver = $row !== null && $row->confirmed_at === null && $row->created_at < now()->subDays(self::DAYS);

        return $isOver ? null : $row;
    }

    public function confirm(NewsletterSubscriber $row): void
    {
        Transaction::run(function () use ($row): void {
            $row->update(['confirmed_at' => $row->confirmed_at ?? now()]);
            $this->touch();
        });
    }

    public function leave(NewsletterSubscriber $row): void
    {
        Transaction::run(function () use ($row): void {
            $row->delete();
            $this->touch();
        });
    }

    private function touch(): void
    {
        DB::afterCommit(fn() => $this->touched->touchColumns(RecordKinds::ADDRESSES, ['confirmed_at', TouchedColumns::RECORDS]));
    }
}
