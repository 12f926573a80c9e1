<?php

declare(strict_types=1);

namespace App\Storefront;

use App\Database\Transaction;
use App\Http\TypedRequest;
use App\Models\Cart;
use App\Models\DeliveryOffer;
use App\Models\Order;
use App\Storeroom\PaymentException;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** Your details, delivery, paying, order received. */
final class CheckoutController
{
    public function __construct(private readonly ShopContext $shop, private readonly ShopPages $pages) {}

    public function details(TypedRequest $request): View|RedirectResponse
    {
        // The shop window can show how mistakes look without anybody having to make them.
        $problems = $this->shop->isPreview() && $request->flag('mistakes') ? CheckoutDetails::SAMPLE_PROBLEMS : [];

        return $this->withCart(fn(Cart $cart): View => $this->pages->details($cart->details ?? [], $problems));
    }

    public function keepDetails(TypedRequest $request): RedirectResponse|Response|View
    {
        return $this->withCart(function (Cart $cart) use ($request): RedirectResponse|Response {
            $given = CheckoutDetails::typed($request);
            $problems = CheckoutDetails::problems($given, $this->shop->dictionary);
            if ($problems !== []) {
                return response($this->pages->details($given, $problems), 422);
            }
            // Only where the store sells; a country made up in the request falls back to the chosen one.
            if (! isset($this->shop->countries()[$given['country']])) {
                $given['country'] = $this->shop->visitor->country();
            }
            Transaction::run(static fn() => $cart->update(['details' => $given]));

            return redirect($this->shop->redirectAddress('/checkout/delivery'), 303);
        });
    }

    public function delivery(): View|RedirectResponse
    {
        return $this->withCart(fn(Cart $cart): View|RedirectResponse => $cart->details === null
            ? redirect($this->shop->redirectAddress('/checkout'))
            : $this->pages->delivery($cart->deliveryOffer?->id));
    }

    public function keepDelivery(TypedRequest $request): RedirectResponse|Response|View
    {
        return $this->withCart(function (Cart $cart) use ($request): RedirectResponse|Response {
            $offer = DeliveryOffer::query()->find($request->id('offer'));
            if ($offer === null || ! $this->shop->visitor->isTakenBy($offer)) {
                return response($this->pages->delivery(null, ShopPages::NO_DELIVERY_CHOSEN), 422);
            }
            Transaction::run(static fn() => $cart->update(['delivery_offer_id' => $offer->id]));

            return redirect($this->shop->redirectAddress('/checkout/paying'), 303);
        });
    }

    public function paying(): View|RedirectResponse
    {
        return $this->withCart(fn(): View|RedirectResponse => $this->shop->visitor->sentBy() === null
            ? redirect($this->shop->redirectAddress('/checkout/delivery'))
            : $this->pages->paying());
    }

    public function pay(TypedRequest $request, PlaceOrder $place): RedirectResponse|Response|View
    {
        // The button was pressed twice, and the first press has made the order already: before the cart was looked for, or
        // between looking for it and for its lines.
        $made = $this->shop->visitor->cart()?->lines->isEmpty() ?? true
            ? PlaceOrder::madeOf($this->shop, $this->shop->visitor->cartToken())
            : null;
        if ($made !== null) {
            return $this->toOrder($made);
        }

        return $this->withCart(function (Cart $cart) use ($request, $place): RedirectResponse|Response {
            if ($this->shop->isPreview()) {
                // Looking at the shop in the workbench must not take stock or make orders.
                return redirect($this->shop->redirectAddress('/order/sample').'?cart=sample', 303);
            }
            if ($cart->details === null || $this->shop->visitor->sentBy() === null) {
                return redirect($this->shop->redirectAddress($cart->details === null ? '/checkout' : '/checkout/delivery'), 303);
            }
            $outcome = $request->word('outcome', 'accept', 20);
            try {
                $order = $place($this->shop, $cart, $outcome);
            } catch (PaymentException|OutOfStock|CodeUsedUp $e) {
                return response($this->pages->paying($e->getMessage(), $outcome), 422);
            }

            return $this->toOrder($order);
        });
    }

    private function toOrder(Order $order): RedirectResponse
    {
        $this->shop->visitor->forgetCart();

        return redirect($this->shop->redirectAddress("/order/$order->token"), 303);
    }

    public function received(string $token): View|Response
    {
        $sample = $this->shop->visitor->isSample() ? SampleOrder::of($this->shop->visitor) : null;
        $order = $sample ?? Order::query()->where('storefront_id', $this->shop->storefront->id)->firstWhere('token', $token);

        return $order === null ? response($this->pages->nowhere(), 404) : $this->pages->received($order);
    }

    /** @param callable(Cart): (View|RedirectResponse|Response) $then */
    private function withCart(callable $then): View|RedirectResponse|Response
    {
        $cart = $this->shop->visitor->cart();

        return $cart === null || $cart->lines->isEmpty() ? redirect($this->shop->redirectAddress('/cart'), 303) : $then($cart);
    }
}
