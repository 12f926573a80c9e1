<?php

declare(strict_types=1);

namespace App\Storefront;

use App\Http\TypedRequest;
use App\Models\Product;
use App\Models\PromotionCode;
use Ikat\Core\Checkout\PromotionRefusal;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

final class CartController
{
    public const UNSOLD = 'That product cannot be bought just now. Everything else in your cart is still here.';

    public function __construct(private readonly ShopContext $shop) {}

    public function show(): View
    {
        return view('shop.cart', ['shop' => $this->shop, ...$this->codeState()]);
    }

    public function add(TypedRequest $request, ChangeCart $change): RedirectResponse|Response
    {
        $product = Product::query()->firstWhere('slug', $request->word('product'));
        if ($product === null || $product->stock === 0) {
            return response()->view('shop.cart', ['shop' => $this->shop, 'problem' => self::UNSOLD, ...$this->codeState()], 422);
        }
        $cart = $this->shop->visitor->cartOrNew();
        if (! $change->hasRoom($cart, $product)) {
            return response()->view(
                'shop.cart',
                [
                    'shop' => $this->shop,
                    'problem' => 'A cart holds '.ChangeCart::MOST_LINES.' different products. Take one out, or order these first.',
                    ...$this->codeState(),
                ],
                422,
            );
        }
        $quantity = $request->whole('quantity', 1, 1, 99);
        if (! $change->add($cart, $product, $quantity)) {
            // It has become an order in another window meanwhile.
            $change->add($this->shop->visitor->newCart(), $product, $quantity);
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
            return response()->view(
                'shop.cart',
                ['shop' => $this->shop, ...$this->codeState(), 'codeTyped' => $code, 'codeProblem' => self::noSuchCode($code)],
                422,
            );
        }
        $change->code($cart, $code === '' ? null : $code);

        return redirect($this->shop->redirectAddress('/cart'), 303);
    }

    public static function noSuchCode(string $code): string
    {
        return "“{$code}” is not one of our codes. Check the spelling; your cart is unchanged.";
    }

    /** @return array{codeTyped: string, codeProblem: ?string} */
    private function codeState(): array
    {
        $cart = $this->shop->visitor->cart();
        $problem = $cart?->code === null ? null : match ($this->shop->visitor->totals()->refusal) {
            PromotionRefusal::NotYet => 'This code has not begun yet.',
            PromotionRefusal::Over => 'This code has ended.',
            PromotionRefusal::TooLittle => 'This code needs a larger order. Add something and it will count.',
            null => null,
        };

        return ['codeTyped' => (string) $cart?->code, 'codeProblem' => $problem];
    }
}
