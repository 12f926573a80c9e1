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

    /** What it follows from; a reduction also begins and ends by itself. */
    private const FOLLOWS = [
        RecordKinds::GOODS => ['category_id', 'more_categories', 'stock', 'variants', 'reduced', 'reduced_from', 'reduced_until', 'price'],
        RecordKinds::CATEGORIES => ['name', 'slug', 'parent_id', 'position'], RecordKinds::STOREFRONTS => ['category_ids'],
    ];

    private const SECONDS = 300;

    public function __construct(private readonly TouchedColumns $touched) {}

    public function of(Storefront $storefront): ShelfCounts
    {
        $kept = Cache::remember(
            "shelf-counts $storefront->id ".$this->touched->stamp(self::FOLLOWS),
            self::SECONDS,
            static fn(): array => get_object_vars(self::read($storefront)),
        );

        return new ShelfCounts(...$kept);
    }

    private static function read(Storefront $storefront): ShelfCounts
    {
        $categories = $storefront->categories()->orderBy('position')->orderBy('id')->limit(self::MOST)->get(['id', 'slug', 'name']);
        $goods = static fn(): Builder => Product::query();
        $counts = [
            'all' => self::counted($categories->modelKeys(), $goods()),
            'stock' => self::counted($categories->modelKeys(), $goods()->inStock()),
            'reduced' => self::counted($categories->modelKeys(), $goods()->reducedAt(now())),
        ];

        return new ShelfCounts(
            $categories->mapWithKeys(static fn(Category $c): array => [$c->slug => [
                'name' => $c->name, 'all' => $counts['all'][$c->id] ?? 0, 'stock' => $counts['stock'][$c->id] ?? 0,
                'reduced' => $counts['reduced'][$c->id] ?? 0,
            ]])->all(),
            $storefront->categories()->count(),
            $storefront->goods()->count(),
        );
    }

    /**
     * @param array<int, int|string> $categories ids
     * @param Builder<Product> $goods
     *
     * @return array<int, int> id of a category => products in it and in those within it
     */
    private static function counted(array $categories, Builder $goods): array
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
