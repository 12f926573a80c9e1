<?php

declare(strict_types=1);

namespace App\Storefront;

use App\Http\TypedRequest;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** Products a visitor keeps for later, and the country they shop from: both live in the visitor's own cookies. */
final class SavedController
{
    public function __construct(private readonly ShopContext $shop, private readonly ShopPages $pages) {}

    public function show(): View
    {
        return $this->pages->saved($this->shop->visitor->saved());
    }

    public function change(TypedRequest $request): RedirectResponse
    {
        $product = $this->shop->storefront->goods()->firstWhere('slug', $request->word('product'));
        if ($product !== null) {
            $this->shop->visitor->save($product->slug, ! $request->has('remove'));
        }

        return redirect($this->shop->redirectAddress('/saved'), 303);
    }

    public function country(TypedRequest $request): RedirectResponse
    {
        $this->shop->visitor->chooseCountry($request->word('country'));

        return redirect($this->shop->redirectAddress('/'), 303);
    }
}
