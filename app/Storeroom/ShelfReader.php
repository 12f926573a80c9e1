<?php

declare(strict_types=1);

namespace App\Storeroom;

use App\Models\CurrentStore;
use App\Models\Picture;
use App\Models\Product;
use Ikat\Core\Check\ShelfState;
use Ikat\Core\Store\RecordKinds;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\Cache;

/** Finds what of goods and pictures is not as it should be; never more than a few of them, however many there are. */
final class ShelfReader
{
    private const NAMED = 3;

    /** What it follows from; a reduction also ends by itself. */
    private const FOLLOWS = [
        RecordKinds::GOODS => ['name', 'price', 'reduced', 'reduced_until', 'cost', 'stock', 'variants', 'pictures'],
        RecordKinds::PICTURES => ['alt'],
    ];

    private const SECONDS = 300;

    public function __construct(private readonly CurrentStore $store, private readonly TouchedColumns $touched) {}

    public function state(): ShelfState
    {
        $kept = Cache::remember(
            "shelf-state {$this->store->id()} ".$this->touched->stamp(self::FOLLOWS),
            self::SECONDS,
            static fn(): array => get_object_vars(self::read()),
        );

        return new ShelfState(...$kept);
    }

    private static function read(): ShelfState
    {
        $belowCost = static fn(): Builder => Product::query()
            ->where('margin', '<', 0)
            // A reduction that is over loses nothing any more.
            ->where(static fn(Builder $q) => $q->whereNull('reduced_until')->orWhere('reduced_until', '>', now())->orWhereColumn(
                'price',
                '<',
                'cost',
            ));
        $unseen = static fn(): Builder => Product::query()->whereNull('picture_id')->inStock();

        return new ShelfState(
            $belowCost()->orderBy('margin')->orderBy('id')->limit(self::NAMED)->pluck('name', 'id')->all(),
            $belowCost()->count(),
            // In the order of the index by which they are found: none other is gone through for the first few.
            $unseen()->orderBy('picture_id')->orderBy('id')->limit(self::NAMED)->pluck('name', 'id')->all(),
            $unseen()->count(),
            Picture::query()->where('alt', '')->join('products', static fn(JoinClause $on) => $on
                ->on('products.picture_id', '=', 'pictures.id')
                ->on('products.store_id', '=', 'pictures.store_id'))->count(),
        );
    }
}
