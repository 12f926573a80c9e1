<?php

declare(strict_types=1);

namespace App\Storefront;

use App\Database\Transaction;
use App\Models\Cart;
use App\Models\CartLine;
use App\Models\Mail;
use App\Models\Order;
use App\Models\Product;
use App\Models\PromotionCode;
use App\Models\Storefront;
use App\Storeroom\PaymentException;
use App\Storeroom\SimulatedPayments;
use App\Storeroom\TouchedColumns;
use Ikat\Core\Checkout\PromotionRefusal;
use Ikat\Core\Store\RecordKinds;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** Takes the payment and turns the cart into an order, both or neither. */
final class PlaceOrder
{
    public function __construct(private readonly SimulatedPayments $payments, private readonly TouchedColumns $touched) {}

    /** @return array{storefront_id: int, to: string, subject: string, html: string} what the mailbox keeps instead of sending it */
    public static function confirmation(ShopContext $shop, Order $order): array
    {
        $subject = "{$shop->text('header.logo.name')}: {$shop->words('say.order')} $order->number";

        return [
            'storefront_id' => $shop->storefront->id,
            'to' => (string) ($order->details['email'] ?? ''),
            'subject' => mb_substr($subject, 0, 200),
            'html' => view('shop.mail', ['shop' => $shop, 'order' => $order, 'subject' => $subject])->render(),
        ];
    }

    /**
     * @throws PaymentException when nothing was taken; the cart is as it was
     * @throws OutOfStock when something sold out meanwhile; nothing was taken
     * @throws CodeUsedUp when others have used the code meanwhile; nothing was taken
     */
    public function __invoke(ShopContext $shop, Cart $cart, string $outcome): Order
    {
        return Transaction::run(function () use ($shop, $cart, $outcome): Order {
            // Locked, so that a second press of the button waits here, and then finds the order that the first one made.
            $isThere = Cart::query()->whereKey($cart->id)->lockForUpdate()->exists();
            if (! $isThere) {
                return self::madeOf($shop, $cart->token) ?? throw new ModelNotFoundException();
            }
            $lines = $cart->load('lines')->lines;
            $code = $cart->code === null ? null : PromotionCode::query()->where('code', $cart->code)->lockForUpdate()->first();
            // In the order of their ids, whatever their order in the cart: two buyers wait for each other, never in a circle.
            $stock = Product::query()
                ->with('picture')
                ->whereIn('id', [...$lines->pluck('product_id'), ...array_filter([$code?->gift_id])])
                ->orderBy('id')
                ->lockForUpdate()
                ->get()
                ->keyBy('id');
            foreach ($lines as $line) {
                $line->setRelation('product', $stock[$line->product_id]);
            }
            self::check($lines);
            $totals = $shop->visitor->totals();
            if ($totals->refusal === PromotionRefusal::UsedUp) {
                throw new CodeUsedUp();
            }
            if ($code !== null && $totals->refusal === null) {
                PromotionCode::query()->whereKey($code->id)->increment('used');
            }
            $isSoldOut = self::take($lines);
            // Of what is left after what is paid for.
            $gift = $totals->isGiftGiven && $code?->gift_id !== null ? self::given($stock[$code->gift_id]) : null;
            $isSoldOut = $gift !== null && self::take(collect([$gift])) || $isSoldOut;
            $order = Order::query()->create([
                'storefront_id' => $shop->storefront->id,
                'number' => 'W'.now()->format('ymd').'-'.strtoupper(bin2hex(random_bytes(3))),
                'token' => bin2hex(random_bytes(32)),
                'cart_token' => $cart->token,
                'details' => $cart->details ?? [], 'customer' => mb_substr((string) ($cart->details['name'] ?? ''), 0, 190),
                'email' => mb_substr((string) ($cart->details['email'] ?? ''), 0, 190), 'total' => $totals->total,
                'lines' => [
                    ...$lines->map(static fn(CartLine $l): array => $l->ordered($shop->visitor->each($l)))->values(),
                    ...($gift === null ? [] : [$gift->ordered(0)]),
                ],
                'totals' => [
                    ...$totals->kept(),
                    'code' => $totals->off > 0 || $gift !== null ? $cart->code : null,
                    'offer' => (string) $cart->deliveryOffer?->name, 'gift' => $gift?->product->name,
                ],
                'currency' => $shop->storefront->sellsIn(), 'payment' => '',
            ]);
            Cart::query()->whereKey($cart->id)->delete();
            Mail::query()->create(self::confirmation($shop, $order));
            DB::afterCommit(fn() => $this->touched->touchColumns(RecordKinds::GOODS, ['stock']));
            DB::afterCommit(fn() => $this->touched->touchColumns(RecordKinds::ORDERS, [TouchedColumns::RECORDS]));
            if ($isSoldOut) {
                // Only then do finished pages of the shop say something that is no longer so.
                Storefront::query()->increment('content_version');
            }
            // Last, so that nothing after the payment can fail and leave it without an order.
            $order->update(['payment' => $this->payments->take($outcome, $totals->total)]);

            return $order;
        });
    }

    /**
     * @param Collection<int, CartLine> $lines
     *
     * @throws OutOfStock when there is less than they take
     */
    private static function check(Collection $lines): void
    {
        $taken = [];
        foreach ($lines as $line) {
            $product = $line->product;
            // Lines of one product share its stock where its variants have none of their own.
            $from = $product->id.($product->ways()->haveStock() ? " $line->variant" : '');
            $taken[$from] = ($taken[$from] ?? 0) + $line->quantity;
            $left = $product->left($line->variant);
            if ($left !== null && $left < $taken[$from]) {
                throw new OutOfStock($product->name);
            }
        }
    }

    /** One of a product that is given, in a way it is there; null when there is none left. */
    private static function given(Product $product): ?CartLine
    {
        $ways = $product->ways()->areThere() ? $product->ways()->every() : [''];
        foreach ($ways as $way) {
            if ($product->left($way) !== 0) {
                return (new CartLine(['product_id' => $product->id, 'variant' => $way, 'quantity' => 1]))->setRelation('product', $product);
            }
        }

        return null;
    }

    /**
     * Takes what is ordered out of the stock.
     *
     * @param Collection<int, CartLine> $lines of locked products
     *
     * @return bool whether something has sold out by it
     */
    private static function take(Collection $lines): bool
    {
        $isSoldOut = false;
        foreach ($lines as $line) {
            $product = $line->product;
            $ways = $product->ways();
            $way = $ways->haveStock() ? $ways->find($line->variant) : null;
            if ($way !== null) {
                $ways = $ways->with($way->without($line->quantity));
                $product->fill(['variants' => $ways->kept(), 'stock' => $ways->stock()]);
                $isSoldOut = $isSoldOut || $way->stock === $line->quantity;
            } elseif ($product->stock !== null) {
                $product->stock -= $line->quantity;
            }
            $product->increment('sold', $line->quantity);
            $product->save();
            $isSoldOut = $isSoldOut || $product->stock === 0;
        }

        return $isSoldOut;
    }

    /** The order a cart has become, if it has. */
    public static function madeOf(ShopContext $shop, ?string $cartToken): ?Order
    {
        return $cartToken === null
            ? null
            : Order::query()->where('storefront_id', $shop->storefront->id)->firstWhere('cart_token', $cartToken);
    }
}
