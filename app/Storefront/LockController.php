<?php

declare(strict_types=1);

namespace App\Storefront;

use App\Http\TypedRequest;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Hash;

/** The door of a locked shop. */
final class LockController
{
    public function __construct(private readonly ShopContext $shop, private readonly ShopPages $pages) {}

    public function show(): View|RedirectResponse
    {
        // In the shop window the page can be looked at whether or not the shop is locked.
        if (! $this->shop->isPreview() && (! $this->shop->storefront->locked || $this->shop->visitor->holdsKey())) {
            return redirect($this->shop->redirectAddress('/'));
        }

        return $this->pages->locked();
    }

    public function open(TypedRequest $request): Response|RedirectResponse
    {
        if (Hash::check($request->secret('password'), (string) $this->shop->storefront->password)) {
            $this->shop->visitor->giveKey();

            return redirect($this->shop->redirectAddress('/'));
        }

        return response($this->pages->locked(ShopPages::WRONG_PASSWORD), 422);
    }
}
