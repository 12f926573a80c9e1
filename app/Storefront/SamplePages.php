<?php

declare(strict_types=1);

namespace App\Storefront;

use App\Http\TypedRequest;
use App\Models\Category;
use App\Models\Page;
use App\Models\Product;
use Illuminate\Contracts\View\View;

/** One page of every kind, and of every state one can be in: what the shop window offers, and what reach and contrast are measured on. */
final class SamplePages
{
    /** key => label; the order of the shop window's list */
    private const LABELS = [
        'home' => 'Home', 'category' => 'Category', 'product' => 'Product', 'gone' => 'Sold-out product', 'search' => 'Search',
        'saved' => 'Saved items', 'account' => 'Your orders', 'cart' => 'Cart', 'empty' => 'Empty cart',
        'checkout' => 'Checkout', 'mistakes' => 'Checkout with mistakes', 'delivery' => 'Delivery', 'paying' => 'Paying',
        'received' => 'Order received',
        'content' => 'Content page', 'locked' => 'Locked shop', 'nowhere' => 'Not found', 'code' => 'Cart with a code',
    ];

    /** Whether a page shows what happened after something was sent, and not what an address leads to. */
    public static function isState(string $key): bool
    {
        return isset(StateController::STATES[$key]);
    }

    /** @return array<string, string> key => label of every page and state, in the order of the window's list */
    public static function labels(): array
    {
        return self::LABELS + array_map(static fn(array $state): string => $state[0], StateController::STATES);
    }

    /** @return array<string, string> key => path within the storefront, with its query */
    public function paths(): array
    {
        // The richest examples: a product that is reduced and in stock shows the most, with a film most of all.
        $rich = static fn() => Product::query()
            ->whereColumn('was', '>', 'price')
            ->where('stock', '>', 0)
            ->whereNotNull('picture_id')
            ->orderBy('position');
        $product = $rich()->whereNotNull('video')->value('slug') ?? $rich()->value('slug') ?? 'none';
        $soldOut = static fn() => Product::query()->where('stock', 0)->orderBy('position');

        return [
            'home' => '/',
            'category' => '/category/'.(Category::query()->orderBy('position')->value('slug') ?? 'none'),
            'product' => "/product/$product",
            'gone' => '/product/'.($soldOut()->whereNull('picture_id')->value('slug') ?? $soldOut()->value('slug') ?? 'none'),
            'search' => '/search?q=lantern',
            'saved' => '/saved?cart=sample',
            'account' => '/account',
            'cart' => '/cart?cart=sample',
            'empty' => '/cart',
            'checkout' => '/checkout?cart=sample',
            'mistakes' => '/checkout?cart=sample&mistakes=1',
            'delivery' => '/checkout/delivery?cart=sample',
            'paying' => '/checkout/paying?cart=sample',
            'received' => '/order/sample?cart=sample-code',
            'content' => '/page/'.(Page::query()->orderBy('id')->value('slug') ?? 'none'),
            'locked' => '/locked',
            'nowhere' => '/not-here',
            'code' => '/cart?cart=sample-code',
            ...array_combine(
                array_keys(StateController::STATES),
                array_map(
                    static fn(string $key, array $state): string => "/state/$key".($state[1] ? '?cart=sample' : ''),
                    array_keys(StateController::STATES),
                    StateController::STATES,
                ),
            ),
        ];
    }

    /**
     * @param string $path of the page, as paths() gives it
     * @param callable(TypedRequest): ShopContext $context
     *
     * @return array{string, array<string, bool|float|string|null>} HTML, and the settings it was made of
     */
    public function render(string $key, string $path, callable $context): array
    {
        $request = TypedRequest::create($path);
        $request->attributes->set('sample-cart', preg_match('/[?&]cart=(sample(?:-code)?)(?:&|$)/', $path, $m) === 1 ? $m[1] : null);
        $shop = $context($request);

        return [$this->html($key, basename((string) parse_url($path, PHP_URL_PATH)), $request, $shop), $shop->read()];
    }

    private function html(string $key, string $slug, TypedRequest $request, ShopContext $shop): string
    {
        $page = new PageController($shop);
        $answer = match ($key) {
            'home' => $page->home(),
            'category' => $page->category($request, $slug),
            'product', 'gone' => $page->product($slug),
            'search' => $page->search($request),
            'saved' => (new SavedController($shop))->show(),
            'account' => (new AccountController($shop))->show(),
            'cart', 'empty', 'code' => (new CartController($shop))->show(),
            'checkout', 'mistakes' => (new CheckoutController($shop))->details($request),
            'delivery' => (new CheckoutController($shop))->delivery(),
            'paying' => (new CheckoutController($shop))->paying(),
            'received' => (new CheckoutController($shop))->received($request, $slug),
            'content' => $page->page($slug),
            'locked' => (new LockController($shop))->show(),
            'nowhere' => $page->nowhere(),
            default => (new StateController($shop))->show($key),
        };

        return $answer instanceof View ? $answer->render() : (string) $answer->getContent();
    }
}
