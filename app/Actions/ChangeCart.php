<?php

declare(strict_types=1);

namespace App\Actions;

use App\Database\Transaction;
use App\Models\Cart;
use App\Models\CartLine;
use App\Models\Product;

/** Every change to a cart's contents; never more of a product than is in stock. */
final class ChangeCart
{
    public function add(Cart $cart, Product $product, int $quantity): void
    {
        Transaction::run(static function () use ($cart, $product, $quantity): void {
            $line = CartLine::query()->where('cart_id', $cart->id)->where('product_id', $product->id)->lockForUpdate()->first();
            $wanted = min($product->stock, ($line->quantity ?? 0) + $quantity);
            CartLine::query()->updateOrCreate(['cart_id' => $cart->id, 'product_id' => $product->id], ['quantity' => $wanted]);
        });
    }

    public function quantity(Cart $cart, int $lineId, int $quantity): void
    {
        Transaction::run(static function () use ($cart, $lineId, $quantity): void {
            /** @var ?CartLine $line */
            $line = CartLine::query()->with('product')->where('cart_id', $cart->id)->whereKey($lineId)->lockForUpdate()->first();
            if ($line === null) {
                return;
            }
            $quantity === 0 ? $line->delete() : $line->update(['quantity' => min($quantity, $line->product->stock)]);
        });
    }

    public function code(Cart $cart, ?string $code): void
    {
        Transaction::run(static fn() => $cart->update(['code' => $code]));
    }
}
