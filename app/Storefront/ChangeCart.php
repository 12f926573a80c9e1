<?php

declare(strict_types=1);

namespace App\Storefront;

use App\Database\Transaction;
use App\Models\Cart;
use App\Models\CartLine;
use App\Models\Product;
use App\Models\Storefront;
use Illuminate\Support\Facades\DB;

/** Every change to a cart's contents; never more of a product than is in stock. */
final class ChangeCart
{
    public const MOST_LINES = 100;

    /** Pieces of one thing a cart holds. */
    public const MOST_OF_ONE = 99;

    /** Days a cart waits for its visitor, who has its cookie for as long. */
    public const KEPT_DAYS = 30;
    private const SWEEP_EVERY = 40;
    private const SWEPT = 200;

    /**
     * False when the cart is not there any more.
     *
     * @param string $variant what its variant is called; empty where it has none
     */
    public function add(Cart $cart, Product $product, string $variant, int $quantity): bool
    {
        return Transaction::run(static function () use ($cart, $product, $variant, $quantity): bool {
            if (! Cart::query()->whereKey($cart->id)->lockForUpdate()->exists()) {
                return false;
            }
            $cart->touch();
            $left = min(self::MOST_OF_ONE, $product->left($variant) ?? self::MOST_OF_ONE);
            // One statement, and no lock on a line that is not there yet: such a lock lies on the gap between lines, where
            // other visitors' lines belong too.
            DB::insert(
                'insert into cart_lines (cart_id, product_id, variant, quantity, created_at, updated_at) values (?, ?, ?, ?, ?, ?)
                on duplicate key update quantity = least(?, quantity + ?), updated_at = values(updated_at)',
                [$cart->id, $product->id, $variant, min($left, $quantity), now(), now(), $left, $quantity],
            );

            return true;
        });
    }

    /** Whether the cart takes another product. */
    public function hasRoom(Cart $cart, Product $product, string $variant): bool
    {
        return $cart->lines->count() < self::MOST_LINES
            || $cart->lines->contains(static fn(CartLine $l): bool => $l->product_id === $product->id && $l->variant === $variant);
    }

    /** A new cart; those nobody has touched for long go. */
    public function begin(Storefront $storefront): Cart
    {
        return Transaction::run(static function () use ($storefront): Cart {
            if (random_int(1, self::SWEEP_EVERY) === 1) {
                $old = Cart::query()->where('updated_at', '<', now()->subDays(self::KEPT_DAYS))->limit(self::SWEPT)->pluck('id');
                Cart::query()->whereIn('id', $old)->delete();
            }

            return Cart::query()->create(['storefront_id' => $storefront->id, 'token' => bin2hex(random_bytes(32))]);
        });
    }

    public function quantity(Cart $cart, int $lineId, int $quantity): void
    {
        Transaction::run(static function () use ($cart, $lineId, $quantity): void {
            Cart::query()->whereKey($cart->id)->lockForUpdate()->first();
            /** @var ?CartLine $line */
            $line = CartLine::query()->with('product')->where('cart_id', $cart->id)->whereKey($lineId)->first();
            if ($line === null) {
                return;
            }
            $most = $line->product->left($line->variant) ?? $quantity;
            $quantity === 0 ? $line->delete() : $line->update(['quantity' => min($quantity, $most)]);
        });
    }

    public function code(Cart $cart, ?string $code): void
    {
        Transaction::run(static fn() => $cart->update(['code' => $code]));
    }
}
