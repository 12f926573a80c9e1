<?php

declare(strict_types=1);

namespace App\Storefront;

use App\Http\TypedRequest;
use App\Models\Order;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** A customer finds an order again by its number and the e-mail address it was placed with. */
final class AccountController
{
    public function __construct(private readonly ShopContext $shop, private readonly ShopPages $pages) {}

    public function show(): View
    {
        return $this->pages->account();
    }

    public function find(TypedRequest $request): RedirectResponse|Response
    {
        $number = mb_strtoupper(mb_substr($request->word('number'), 0, 24));
        $email = mb_substr($request->word('email'), 0, 190);
        $order = Order::query()->where('storefront_id', $this->shop->storefront->id)->firstWhere('number', $number);
        // The same words whichever of the two is wrong: neither is given away.
        if ($order === null || mb_strtolower($order->details['email'] ?? '') !== mb_strtolower($email)) {
            return response($this->pages->account($number, $email, ShopPages::NO_ORDER), 422);
        }

        return redirect($this->shop->redirectAddress("/order/$order->token"), 303);
    }
}
