<?php

declare(strict_types=1);

namespace App\Storefront;

use App\Models\Category;
use App\Models\Page;
use App\Models\Product;
use App\Models\Storefront;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Cache;

/** One page of every kind, and of every state one can be in: what the shop window offers, and what reach and contrast are measured on. */
final class SamplePages
{
    /** That found paths are kept: those of a Storeroom that has changed since need not be. */
    private const SECONDS = 86_400;

    /** key => label; the order of the shop window's list */
    private const LABELS = [
        'home' => 'Home', 'category' => 'Category', 'product' => 'Product', 'gone' => 'Sold-out product', 'search' => 'Search',
        'saved' => 'Saved items', 'account' => 'Your orders', 'cart' => 'Cart', 'empty' => 'Empty cart',
        'checkout' => 'Checkout', 'mistakes' => 'Checkout with mistakes', 'delivery' => 'Delivery', 'paying' => 'Payment',
        'received' => 'Order received',
        'content' => 'Content page', 'locked' => 'Locked shop', 'nowhere' => 'Not found', 'code' => 'Cart with a code',
    ];

    /** Whether a page shows what happened after something was sent, and not what an address leads to. */
    public static function isState(string $key): bool
    {
        return isset(StatePages::STATES[$key]);
    }

    /** @return array<string, string> key => label of every page and state, in the order of the window's list */
    public static function labels(): array
    {
        return self::LABELS + array_map(static fn(array $state): string => $state[0], StatePages::STATES);
    }

    /** @return array<string, string> as paths() gives them, kept until the Storeroom changes */
    public function pathsIn(Storefront $storefront): array
    {
        return Cache::remember(
            "sample-pages $storefront->store_id $storefront->id $storefront->content_version",
            self::SECONDS,
            fn(): array => $this->paths($storefront),
        );
    }

    /** @return array<string, string> key => path within the storefront, with its query */
    public function paths(Storefront $storefront): array
    {
        // The richest examples: a product that is reduced and in stock shows the most, with a film most of all.
        $rich = static fn() => $storefront->goods()
            ->reducedAt(now())
            ->inStock()
            ->whereNotNull('picture_id')
            ->orderBy('position');
        $product = $rich()->whereNotNull('video')->value('slug') ?? $rich()->value('slug') ?? $storefront->goods()->orderBy('position')
            ->value('slug')
            ?? StandIns::SLUG;
        $soldOut = static fn() => $storefront->goods()->where('stock', 0)->orderBy('position');

        return [
            'home' => '/',
            'category' => '/category/'.($storefront->categories()->orderBy('position')->value('slug') ?? StandIns::SLUG),
            'product' => "/product/$product",
            'gone' => '/product/'.($soldOut()->whereNull('picture_id')->value('slug') ?? $soldOut()->value('slug') ?? 'none'),
            'search' => '/search?q='.rawurlencode(self::searched($storefront)),
            'saved' => '/saved?cart=sample',
            'account' => '/account',
            'cart' => '/cart?cart=sample',
            'empty' => '/cart',
            'checkout' => '/checkout?cart=sample',
            'mistakes' => '/checkout?cart=sample&mistakes=1',
            'delivery' => '/checkout/delivery?cart=sample',
            'paying' => '/checkout/paying?cart=sample',
            'received' => '/order/sample?cart=sample-code',
            'content' => '/page/'.(Page::query()->orderBy('id')->value('slug') ?? StandIns::SLUG),
            'locked' => '/locked',
            'nowhere' => '/not-here',
            'code' => '/cart?cart=sample-code',
            ...array_combine(
                array_keys(StatePages::STATES),
                array_map(
                    static fn(string $key, array $state): string => "/state/$key".($state[1] ? '?cart=sample' : ''),
                    array_keys(StatePages::STATES),
                    StatePages::STATES,
                ),
            ),
        ];
    }

    /** What is in the cart of somebody who looks at a page, by its path as paths() gives it. */
    public static function cartAt(string $path): SampleCart
    {
        parse_str((string) parse_url($path, PHP_URL_QUERY), $query);

        return SampleCart::named($query['cart'] ?? null);
    }

    /**
     * @param string $path of the page, as paths() gives it
     * @param ShopContext $shop with a visitor whose cart is cartAt() that path
     *
     * @return string HTML; what it was made of the context has noted
     */
    public function render(string $key, string $path, ShopContext $shop): string
    {
        $pages = new ShopPages($shop);
        $slug = basename((string) parse_url($path, PHP_URL_PATH));
        $cart = $shop->visitor->cart();
        $page = match ($key) {
            'home' => $pages->home(),
            'category' => $this->found(
                Category::class,
                $slug,
                static fn(Category $c): View => $pages->category($c, new CategoryQuestion()),
            ),
            'product', 'gone' => $this->found(Product::class, $slug, $pages->product(...)),
            'search' => $pages->search(self::searched($shop->storefront)),
            'saved' => $pages->saved($shop->visitor->saved()),
            'account' => $pages->account(),
            'cart', 'empty', 'code' => $pages->cart(),
            'checkout' => $pages->details($cart->details ?? []),
            'mistakes' => $pages->details($cart->details ?? [], CheckoutDetails::SAMPLE_PROBLEMS),
            'delivery' => $pages->delivery($cart?->deliveryOffer?->id),
            'paying' => $pages->paying(),
            'received' => $pages->received(SampleOrder::of($shop->visitor)),
            'content' => $this->found(Page::class, $slug, $pages->content(...)),
            'locked' => $pages->locked(),
            default => (new StatePages($pages))->show($key),
        };

        return ($page ?? $pages->nowhere())->render();
    }

    /**
     * @template T of Model
     *
     * @param class-string<T> $kind
     * @param callable(T): View $page
     */
    private function found(string $kind, string $slug, callable $page): ?View
    {
        $row = $kind::query()->firstWhere('slug', $slug) ?? ($slug !== StandIns::SLUG ? null : match ($kind) {
            Category::class => StandIns::category(),
            Product::class => StandIns::product(),
            default => StandIns::page(),
        });

        return $row instanceof $kind ? $page($row) : null;
    }

    /** What is searched for on the sample page: what the store's first product is, by the last word of its name. */
    private static function searched(Storefront $storefront): string
    {
        $name = (string) $storefront->goods()->orderBy('position')->value('name');

        return mb_strtolower(preg_match('/(\p{L}+)\P{L}*$/u', $name, $found) === 1 ? $found[1] : 'a');
    }
}
