<?php

declare(strict_types=1);

namespace App\Storefront;

use App\Http\TypedRequest;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** What a visitor keeps for later, and the country they shop from, in their own cookies; the language they read stands in the address. */
final class SavedController
{
    private const PATH = '#^/(?:[a-z0-9-]+(?:/[a-z0-9-]+)*)?$#D';

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
        $from = $request->word('from', '/');

        // Only a page of the shop itself is gone back to.
        return redirect($this->shop->redirectInto($request->word('language'), preg_match(self::PATH, $from) === 1 ? $from : '/'), 303);
    }
}
