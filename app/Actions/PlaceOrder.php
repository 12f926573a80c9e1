<?php

declare(strict_types=1);

namespace App\Actions;

use App\Database\Transaction;
use App\Models\Cart;
use App\Models\Mail;
use App\Models\Order;
use App\Models\Product;
use App\Shop\ShopContext;
use App\Storeroom\PracticeTill;
use App\Storeroom\TillException;
use Illuminate\Support\Facades\DB;

/** Takes the payment and turns the cart into an order, both or neither. */
final class PlaceOrder
{
    public function __construct(private readonly PracticeTill $till) {}

    /** @return array{storefront_id: int, to: string, subject: string, html: string} what the mailbox keeps instead of sending it */
    public static function confirmation(ShopContext $shop, Order $order): array
    {
        $subject = "{$shop->text('header.logo.name')}: {$shop->text('say.order')} $order->number";

        return ['storefront_id' => $shop->storefront->id, 'to' => (string) ($order->details['email'] ?? ''), 'subject' => mb_substr($subject, 0, 200), 'html' => view('shop.mail', ['shop' => $shop, 'order' => $order, 'subject' => $subject])->render()];
    }

    /**
     * @throws TillException when nothing was taken; the cart is as it was
     * @throws OutOfStock when something sold out meanwhile; nothing was taken
     */
    public function __invoke(ShopContext $shop, Cart $cart, string $outcome): Order
    {
        return Transaction::run(function () use ($shop, $cart, $outcome): Order {
            // Locked, so that a second press of the button waits here and then finds no cart.
            Cart::query()->whereKey($cart->id)->lockForUpdate()->firstOrFail();
            $totals = $shop->visitor->totals();
            foreach ($cart->lines as $line) {
                $taken = Product::query()->whereKey($line->product_id)->where('stock', '>=', $line->quantity)
                    ->update(['stock' => DB::raw('stock - '.(int) $line->quantity), 'sold' => DB::raw('sold + '.(int) $line->quantity)]);
                if ($taken === 0) {
                    throw new OutOfStock($line->product->name);
                }
            }
            $order = Order::query()->create([
                'storefront_id' => $shop->storefront->id,
                'number' => 'W'.now()->format('ymd').'-'.strtoupper(bin2hex(random_bytes(3))),
                'token' => bin2hex(random_bytes(32)),
                'details' => $cart->details ?? [],
                'lines' => $cart->lines->map(static fn($l): array => ['name' => $l->product->name, 'quantity' => $l->quantity, 'sum' => $l->product->price * $l->quantity])->values()->all(),
                'totals' => ['goods' => $totals->goods, 'off' => $totals->off, 'delivery' => $totals->delivery, 'total' => $totals->total, 'code' => $totals->off > 0 ? $cart->code : null, 'offer' => (string) $cart->deliveryOffer?->name],
                'payment' => '',
            ]);
            $cart->delete();
            $shop->storefront->increment('content_version');
            Mail::query()->create(self::confirmation($shop, $order));
            // Last, so that nothing after the payment can fail and leave it without an order.
            $order->update(['payment' => $this->till->take($outcome, $totals->total)]);

            return $order;
        });
    }
}
