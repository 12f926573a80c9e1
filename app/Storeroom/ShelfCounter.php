<?php

declare(strict_types=1);

namespace App\Storeroom;

use App\Models\Category;
use App\Models\Product;
use App\Models\Storefront;
use Ikat\Core\Grid\ShelfCounts;
use Ikat\Core\Store\RecordKinds;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

/** Counts what stands on each shelf of a storefront: anew only when goods or categories have changed. */
final class ShelfCounter
{
    /** Categories that are counted. */
    private const MOST = 60;

    /** What stands on a shelf follows from these; what of it fits a filter, from these as well. */
    private const FOLLOWS = [
        'all' => [
            RecordKinds::GOODS => ['category_id', 'more_categories', 'featured'],
            RecordKinds::CATEGORIES => ['name', 'slug', 'parent_id', 'position'],
            RecordKinds::STOREFRONTS => ['category_ids'],
        ],
        'stock' => [RecordKinds::GOODS => ['category_id', 'more_categories', 'stock', 'variants']],
        'reduced' => [
            RecordKinds::GOODS => ['category_id', 'more_categories', 'price', 'reduced', 'reduced_from', 'reduced_until'],
        ],
    ];

    /** A reduction begins and ends by itself. */
    private const SECONDS = 300;

    public function __construct(private readonly TouchedColumns $touched) {}

    public function of(Storefront $storefront): ShelfCounts
    {
        $kept = $this->kept($storefront, 'all', static fn(): array => self::read($storefront));

        return new ShelfCounts(
            array_map(static fn(array $shelf): array => ['name' => $shelf['name'], 'all' => $shelf['all']], $kept['shelves']),
            $kept['categories'],
            $kept['products'],
            fn(string $filter): array => $this->kept($storefront, $filter, static fn(): array => self::bySlug(
                array_column($kept['shelves'], 'id'),
                array_keys($kept['shelves']),
                $filter === 'stock' ? Product::query()->inStock() : Product::query()->reducedAt(now()),
            )),
            $kept['featured'],
        );
    }

    /**
     * @template T of array
     *
     * @param \Closure(): T $read
     *
     * @return T
     */
    private function kept(Storefront $storefront, string $filter, \Closure $read): array
    {
        $stamp = $this->touched->stamp(self::FOLLOWS[$filter]).' '.$this->touched->stamp(self::FOLLOWS['all']);

        return Cache::remember("counted-shelves $storefront->id $filter $stamp", self::SECONDS, $read);
    }

    /** @return array{shelves: array<string, array{id: int, name: string, all: int}>, categories: int, products: int, featured: int} */
    private static function read(Storefront $storefront): array
    {
        $categories = $storefront->categories()->orderBy('position')->orderBy('id')->limit(self::MOST)->get(['id', 'slug', 'name']);
        $counts = self::counted($categories->modelKeys(), Product::query());

        return [
            'shelves' => $categories->mapWithKeys(static fn(Category $c): array => [
                $c->slug => ['id' => $c->id, 'name' => $c->name, 'all' => $counts[$c->id] ?? 0],
            ])->all(),
            'categories' => $storefront->categories()->count(), 'products' => $storefront->goods()->count(),
            'featured' => $storefront->goods()->where('featured', true)->count(),
        ];
    }

    /**
     * @param list<int> $ids of categories
     * @param list<string> $slugs of the same
     * @param Builder<Product> $goods
     *
     * @return array<string, int> slug => products
     */
    private static function bySlug(array $ids, array $slugs, Builder $goods): array
    {
        $counts = self::counted($ids, $goods);

        return array_combine($slugs, array_map(static fn(int $id): int => $counts[$id] ?? 0, $ids));
    }

    /**
     * @param array<int, int|string> $categories ids
     * @param Builder<Product> $goods
     *
     * @return array<int, int> id of a category => products in it and in those within it
     */
    private static function counted(array $categories, Builder $goods): array
    {
        $within = Category::query()->whereIn('parent_id', $categories)->pluck('parent_id', 'id');
        $all = [...$categories, ...$within->keys()->all()];
        if (DB::table('product_categories')->whereIn('category_id', $all)->exists()) {
            return self::each($categories, $goods);
        }
        // As long as each stands in one category, no product is counted twice: the categories alone are gone through.
        $counts = [];
        $rows = $goods->whereIn('category_id', $all)->groupBy('category_id')->selectRaw('category_id, count(*) as many')->toBase()->get();
        foreach ($rows as $row) {
            foreach (array_unique([(int) $row->category_id, (int) ($within[$row->category_id] ?? $row->category_id)]) as $shelf) {
                $counts[$shelf] = ($counts[$shelf] ?? 0) + (int) $row->many;
            }
        }

        return $counts;
    }

    /**
     * The same of products that stand in several categories: each is counted once.
     *
     * @param array<int, int|string> $categories ids
     * @param Builder<Product> $goods
     *
     * @return array<int, int>
     */
    private static function each(array $categories, Builder $goods): array
    {
        $places = (clone $goods)->select('id', 'category_id')->toBase()->unionAll(
            $goods->join('product_categories', 'product_categories.product_id', '=', 'products.id')
                ->select('products.id', 'product_categories.category_id')->toBase(),
        );

        return DB::table('categories', 'shelf')
            ->join('categories as within', static fn(JoinClause $on) => $on
                ->on('within.id', '=', 'shelf.id')->orOn('within.parent_id', '=', 'shelf.id'))
            ->joinSub($places, 'places', 'places.category_id', '=', 'within.id')
            ->whereIn('shelf.id', $categories)
            ->groupBy('shelf.id')
            ->selectRaw('shelf.id as shelf, count(distinct places.id) as many')
            ->pluck('many', 'shelf')
            ->map(intval(...))
            ->all();
    }
}
