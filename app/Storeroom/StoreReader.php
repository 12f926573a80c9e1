<?php

declare(strict_types=1);

namespace App\Storeroom;

use App\Models\Category;
use App\Models\CurrentStore;
use App\Models\Product;
use App\Models\Store;
use Ikat\Core\Check\StoreContents;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** What the store in hand has, read once a request. */
final class StoreReader
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
        $found = $this->rows();
        $pages = $found['page']->mapWithKeys(static fn(object $p): array => ["/page/$p->slug" => $p->words])->all();
        $slugs = static fn(string $kind): array => array_values($found[$kind]->pluck('slug')->all());

        return new StoreContents(
            $pages,
            [
                ...array_keys(self::FIXED), ...array_keys($pages),
                ...array_map(static fn(string $s): string => "/category/$s", $slugs('category')),
                ...array_map(static fn(string $s): string => "/product/$s", $slugs('product')),
            ],
            $found['menu']->mapToGroups(static fn(object $e): array => [$e->slug => $e->words])->map(static fn(Collection $targets): array => array_values($targets->all()))->all(),
            $slugs('picture'),
            $slugs('product'),
            count($store->countries ?? []) ?: 1,
            $store->time_zone,
            array_values($found['page']->filter(static fn(object $p): bool => (bool) $p->policy)->map(static fn(object $p): string => "/page/$p->slug")->all()),
        );
    }

    /**
     * Everything checks and links need of the store, in one question: an edit asks it each time.
     *
     * @return array<'page'|'product'|'category'|'menu'|'picture', Collection<int, object{slug: string, words: string, policy: int|bool}>> each in its order
     */
    private function rows(): array
    {
        $of = fn(string $kind, string $table, string $slug = 'slug', string $words = "''", string $policy = '0', string $place = 'id'): Builder => DB::table($table)
            ->selectRaw("'$kind' as kind, $slug as slug, $words as words, $policy as policy, $place as place")
            ->where('store_id', $this->current->id());
        $rows = $of('page', 'pages', words: 'title', policy: 'policy')
            ->unionAll($of('product', 'products'))
            ->unionAll($of('category', 'categories'))
            ->unionAll($of('menu', 'menu_entries', 'menu', 'target', place: 'position'))
            ->unionAll($of('picture', 'pictures', 'name'))
            ->get()->sortBy('place')->groupBy('kind');
        $found = [];
        foreach (['page', 'product', 'category', 'menu', 'picture'] as $kind) {
            $found[$kind] = $rows->get($kind, collect());
        }

        return $found;
    }
}
