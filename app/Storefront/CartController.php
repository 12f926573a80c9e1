<?php

declare(strict_types=1);

namespace App\Storefront;

use App\Http\TypedRequest;
use App\Models\PromotionCode;
use Ikat\Core\Store\Variant;
use Ikat\Core\Store\Variants;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

final class CartController
{
    public function __construct(private readonly ShopContext $shop, private readonly ShopPages $pages) {}

    public function show(): View
    {
        return $this->pages->cart();
    }

    public function add(TypedRequest $request, ChangeCart $change): RedirectResponse|Response
    {
        $product = $this->shop->storefront->goods()->firstWhere('slug', $request->word('product'));
        if ($product === null || $product->isSoldOut()) {
            return response($this->pages->cart(ShopPages::UNSOLD), 422);
        }
        $variant = $product->ways()->areThere() ? implode(Variant::BETWEEN, $request->words('choice', Variants::MOST_OPTIONS)) : '';
        if ($product->left($variant) === 0) {
            return response($this->pages->product($product, ShopPages::NO_SUCH_WAY), 422);
        }
        $cart = $this->shop->visitor->cartOrNew();
        if (! $change->hasRoom($cart, $product, $variant)) {
            $full = $this->shop->say(
                'A cart holds :most different products. Take one out, or order these first.',
                ['most' => ChangeCart::MOST_LINES],
            );

            return response($this->pages->cart($full), 422);
        }
        $quantity = $request->whole('quantity', 1, 1, 99);
        if (! $change->add($cart, $product, $variant, $quantity)) {
            // It has become an order in another window meanwhile.
            $change->add($this->shop->visitor->newCart(), $product, $variant, $quantity);
        }
        if ($request->has('now')) {
            return redirect($this->shop->redirectAddress('/checkout'), 303);
        }
        $back = $this->shop->on('sidecart.show') ? "/product/$product->slug#side-cart" : '/cart';

        return redirect($this->shop->redirectAddress($back), 303);
    }

    public function change(TypedRequest $request, ChangeCart $change): RedirectResponse
    {
        $cart = $this->shop->visitor->cart();
        if ($cart !== null && $cart->exists) {
            $change->quantity($cart, $request->id('line'), $request->has('remove') ? 0 : $request->whole('quantity', 1, 0, 99));
        }

        return redirect($this->shop->redirectAddress('/cart'), 303);
    }

    public function code(TypedRequest $request, ChangeCart $change): RedirectResponse|Response
    {
        $cart = $this->shop->visitor->cart();
        $code = mb_strtoupper(mb_substr($request->word('code'), 0, 32));
        if ($cart === null || ! $cart->exists) {
            return redirect($this->shop->redirectAddress('/cart'), 303);
        }
        if ($code !== '' && PromotionCode::query()->where('code', $code)->doesntExist()) {
            return response($this->pages->cart(refused: $code), 422);
        }
        $change->code($cart, $code === '' ? null : $code);

        return redirect($this->shop->redirectAddress('/cart'), 303);
    }
}
