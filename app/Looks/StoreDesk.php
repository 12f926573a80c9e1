<?php

declare(strict_types=1);

namespace App\Looks;

use App\Models\Category;
use App\Models\MenuEntry;
use App\Models\Page;
use App\Models\Picture;
use App\Models\Product;
use App\Models\Store;
use App\Shop\CurrentStore;
use Ikat\Core\Check\StoreContents;

/** What the store in hand has, read once a request. */
final class StoreDesk
{
    /** Pages every shop has, that links may lead to. */
    public const FIXED = ['/' => 'Home', '/search' => 'Search', '/cart' => 'Cart', '/account' => 'Your orders', '/saved' => 'Saved items'];

    private ?StoreContents $contents = null;

    public function __construct(private readonly CurrentStore $current) {}

    public function contents(): StoreContents
    {
        return $this->contents ??= $this->read();
    }

    /** Forgets what was read, after the store has changed. */
    public function forget(): void
    {
        $this->contents = null;
    }

    /** @return array<string, array<string, string>> group => address => title: what a link may be set to */
    public function targets(): array
    {
        return [
            'Pages' => [...self::FIXED, ...$this->contents()->pages],
            'Categories' => Category::query()->orderBy('position')->get()->mapWithKeys(static fn(Category $c): array => ["/category/$c->slug" => $c->name])->all(),
            'Products' => $this->productNames('/product/'),
        ];
    }

    /** @return array<string, string> prefix and slug => name, in order of the shelves */
    public function productNames(string $prefix = ''): array
    {
        return Product::query()->orderBy('position')->orderBy('id')->get(['slug', 'name'])->mapWithKeys(static fn(Product $p): array => [$prefix.$p->slug => $p->name])->all();
    }

    private function read(): StoreContents
    {
        $store = Store::query()->findOrFail($this->current->id());
        $pages = Page::query()->orderBy('id')->get(['slug', 'title'])->mapWithKeys(static fn(Page $p): array => ["/page/$p->slug" => $p->title])->all();
        $products = array_values(Product::query()->orderBy('id')->pluck('slug')->all());
        $categories = Category::query()->orderBy('id')->pluck('slug')->all();

        return new StoreContents(
            $pages,
            [
                ...array_keys(self::FIXED), ...array_keys($pages),
                ...array_map(static fn(string $s): string => "/category/$s", $categories),
                ...array_map(static fn(string $s): string => "/product/$s", $products),
            ],
            array_map(static fn(array $rows): array => array_column($rows, 'target'), MenuEntry::query()->orderBy('position')->get(['menu', 'target'])->groupBy('menu')->toArray()),
            array_values(Picture::query()->orderBy('id')->pluck('name')->all()),
            $products,
            count($store->countries ?? []) ?: 1,
            $store->time_zone,
            array_values(Page::query()->where('policy', true)->orderBy('id')->get(['slug'])->map(static fn(Page $p): string => "/page/$p->slug")->all()),
        );
    }
}
