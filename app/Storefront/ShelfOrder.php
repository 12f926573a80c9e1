<?php

declare(strict_types=1);

namespace App\Storefront;

use App\Models\Category;
use App\Models\Product;
use Illuminate\Database\Eloquent\Builder;

/** In which order the products of a category stand. */
final class ShelfOrder
{
    /** Columns behind the ways to sort: key => [column, direction]. */
    private const SORTS = ['new' => ['added_on', 'desc'], 'sold' => ['sold', 'desc']];

    /**
     * @param Builder<Product> $goods of the category
     * @param string $sort key of GridSettings::SORTS
     * @param list<string> $chosen slugs of our choice, in order
     *
     * @return Builder<Product>
     */
    public static function of(Builder $goods, Category $category, string $sort, array $chosen, \DateTimeInterface $moment): Builder
    {
        if ($sort === 'low' || $sort === 'high') {
            return $goods->byPriceAt($moment, $sort === 'low' ? 'asc' : 'desc')->orderBy('id');
        }
        if (isset(self::SORTS[$sort])) {
            return $goods->orderBy(...self::SORTS[$sort])->orderBy('id');
        }
        if ($sort === 'hand' && $chosen !== []) {
            // The chosen ones first, in their order; all others after them, as on the shelves.
            $marks = implode(',', array_fill(0, count($chosen), '?'));

            return $goods->orderByRaw("coalesce(nullif(field(slug, $marks), 0), 1000)", $chosen)->orderBy('position')->orderBy('id');
        }

        return $category->arranged($goods);
    }
}
