<?php

declare(strict_types=1);

namespace App\Storeroom;

use App\Models\Product;
use Ikat\Core\Check\ShelfState;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;

/** Finds what of goods and pictures is not as it should be; never more than a few of them, however many there are. */
final class ShelfReader
{
    private const NAMED = 3;

    public function state(): ShelfState
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
            $unseen()->orderBy('id')->limit(self::NAMED)->pluck('name', 'id')->all(),
            $unseen()->count(),
            Product::query()->whereIn(
                'picture_id',
                DB::table('pictures')->where('alt', '')->whereNull('deleted_at')->select('id'),
            )->count(),
        );
    }
}
