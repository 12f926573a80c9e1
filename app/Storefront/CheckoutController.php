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
use Illuminate\Support\Facades\Validator;

/** Your details, delivery, paying, order received. */
final class CheckoutController
{
    private const FIELDS = [
        'name' => ['required', 'string', 'max:120'],
        'email' => ['required', 'email:filter', 'max:190'],
        'street' => ['required', 'string', 'max:190'],
        'town' => ['required', 'string', 'max:120'],
        'postcode' => ['required', 'string', 'max:16'],
        'country' => ['nullable', 'string', 'size:2'],
    ];

    /** Characters of a field that come back for mending; the fields themselves take far fewer. */
    private const MOST_TYPED = 2000;

    private const MESSAGES = [
        'required' => 'Please fill this in.',
        'email' => 'Write an address such as ada@example.org.',
        'max' => 'Please use at most :max characters.',
    ];

    public const NOT_CHOSEN = 'Choose how it should travel.';

    public function __construct(private readonly ShopContext $shop) {}

    public function details(TypedRequest $request): View|RedirectResponse
    {
        // The shop window can show how mistakes look without anybody having to make them.
        $problems = $this->shop->isPreview() && $request->flag('mistakes')
            ? ['name' => self::MESSAGES['required'], 'email' => self::MESSAGES['email']]
            : [];

        return $this->withCart(fn(Cart $cart): View => view(
            'shop.checkout.details',
            ['shop' => $this->shop, 'details' => $cart->details ?? [], 'problems' => $problems],
        ));
    }

    public function keepDetails(TypedRequest $request): RedirectResponse|Response|View
    {
        return $this->withCart(function (Cart $cart) use ($request): RedirectResponse|Response {
            $given = array_map(
                static fn(string $key): string => $request->word($key, '', self::MOST_TYPED),
                array_combine(array_keys(self::FIELDS), array_keys(self::FIELDS)),
            );
            $check = Validator::make($given, self::FIELDS, self::MESSAGES);
            if ($check->fails()) {
                return response()->view(
                    'shop.checkout.details',
                    [
                        'shop' => $this->shop,
                        'details' => $given,
                        'problems' => array_map(static fn(array $m): string => $m[0], $check->errors()->messages()),
                    ],
                    422,
                );
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
            : view(
                'shop.checkout.delivery',
                [
                    'shop' => $this->shop, 'offers' => DeliveryOffer::query()->orderBy('position')->get(),
                    'chosen' => $cart->deliveryOffer?->id, 'problem' => null,
                ],
            ));
    }

    public function keepDelivery(TypedRequest $request): RedirectResponse|Response|View
    {
        return $this->withCart(function (Cart $cart) use ($request): RedirectResponse|Response {
            $offers = DeliveryOffer::query()->orderBy('position')->get();
            $offer = $offers->firstWhere('id', $request->id('offer'));
            if ($offer === null) {
                return response()->view(
                    'shop.checkout.delivery',
                    ['shop' => $this->shop, 'offers' => $offers, 'chosen' => null, 'problem' => self::NOT_CHOSEN],
                    422,
                );
            }
            Transaction::run(static fn() => $cart->update(['delivery_offer_id' => $offer->id]));

            return redirect($this->shop->redirectAddress('/checkout/paying'), 303);
        });
    }

    public function paying(): View|RedirectResponse
    {
        return $this->withCart(fn(Cart $cart): View|RedirectResponse => $cart->deliveryOffer === null
            ? redirect($this->shop->redirectAddress('/checkout/delivery'))
            : view('shop.checkout.paying', ['shop' => $this->shop, 'problem' => null, 'outcome' => 'accept']));
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
            if ($cart->details === null || $cart->deliveryOffer === null) {
                return redirect($this->shop->redirectAddress('/checkout'), 303);
            }
            $outcome = $request->word('outcome', 'accept', 20);
            try {
                $order = $place($this->shop, $cart, $outcome);
            } catch (PaymentException|OutOfStock $e) {
                return response()->view(
                    'shop.checkout.paying',
                    ['shop' => $this->shop, 'problem' => $e->getMessage(), 'outcome' => $outcome],
                    422,
                );
            }

            return $this->toOrder($order);
        });
    }

    private function toOrder(Order $order): RedirectResponse
    {
        $this->shop->visitor->forgetCart();

        return redirect($this->shop->redirectAddress("/order/$order->token"), 303);
    }

    public function received(TypedRequest $request, string $token): View|Response
    {
        $sample = $request->attributes->get('sample-cart') !== null ? $this->sampleOrder() : null;
        $order = $sample ?? Order::query()->where('storefront_id', $this->shop->storefront->id)->firstWhere('token', $token);

        return $order === null
            ? response()->view('shop.nowhere', ['shop' => $this->shop], 404)
            : view('shop.checkout.received', ['shop' => $this->shop, 'order' => $order]);
    }

    /** @param callable(Cart): (View|RedirectResponse|Response) $then */
    private function withCart(callable $then): View|RedirectResponse|Response
    {
        $cart = $this->shop->visitor->cart();

        return $cart === null || $cart->lines->isEmpty() ? redirect($this->shop->redirectAddress('/cart'), 303) : $then($cart);
    }

    private function sampleOrder(): Order
    {
        $cart = $this->shop->visitor->cart();
        $totals = $this->shop->visitor->totals();

        return new Order([
            'number' => 'W-SAMPLE', 'details' => $cart->details ?? [],
            'lines' => $cart?->lines
                ->map(static fn($l): array => [
                    'name' => $l->product->name,
                    'quantity' => $l->quantity,
                    'sum' => $l->product->price * $l->quantity,
                ])
                ->values()
                ->all() ?? [],
            'totals' => [
                'goods' => $totals->goods, 'off' => $totals->off, 'delivery' => $totals->delivery, 'total' => $totals->total,
                'code' => $cart?->code, 'offer' => (string) $cart?->deliveryOffer?->name,
            ],
        ]);
    }
}
