<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Catalog;

use Ikat\Core\Grid\ShelfLook;
use Ikat\Core\Setting\Condition;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\StepKey;

/** The product grid. */
final class GridSettings
{
    /** Ways to sort products; "hand" is the merchant's own order. */
    public const SORTS = [
        'shelf' => 'As we arranged them', 'low' => 'From the cheapest up', 'high' => 'From the dearest down', 'hand' => 'Picked by us',
        'sold' => 'Bought most often', 'new' => 'Latest additions',
    ];

    /** @return list<Setting> */
    public static function all(): array
    {
        return [
            Setting::number(
                'grid.columns.phone',
                'Columns on a phone',
                'grid',
                StepKey::PRODUCTS,
                2,
                1,
                3,
                1,
                'product grid columns mobile',
            ),
            Setting::number('grid.columns.tablet', 'Columns on a tablet', 'grid', StepKey::PRODUCTS, 3, 2, 4, 1, 'product grid columns'),
            Setting::number(
                'grid.columns.desktop',
                'Columns on a desktop',
                'grid',
                StepKey::PRODUCTS,
                4,
                2,
                6,
                1,
                'product grid columns wide',
            ),
            Setting::length(
                'grid.gap',
                'Space between products',
                'grid',
                StepKey::PRODUCTS,
                24,
                4,
                64,
                2,
                keywords: 'product grid gap gutter',
            ),
            Setting::count('grid.count', 'Products on a page', 'grid', StepKey::PRODUCTS, 24, 4, 48, 'product grid how many number paging'),
            Setting::choice(
                'grid.paging',
                'Further pages',
                'grid',
                StepKey::PRODUCTS,
                'numbers',
                [
                    'steps' => 'by earlier and more', 'numbers' => 'by their numbers', 'more' => 'a button brings more',
                    'scroll' => 'come while scrolling',
                ],
                keywords: 'paging pages numbers load more infinite scroll',
            ),
            Setting::choice(
                'grid.filters',
                'What a shelf can be asked for',
                'grid',
                StepKey::PRODUCTS,
                'folded',
                ShelfLook::FILTERS,
                keywords: 'filters facets sidebar category in stock reduced',
            ),
            Setting::switch(
                'grid.filters.price',
                'Ask by price',
                'grid',
                StepKey::PRODUCTS,
                true,
                'filters facets price range',
                Condition::is('grid.filters', 'above', 'side', 'folded'),
            ),
            Setting::switch(
                'grid.filters.facts',
                'Ask by facts of the products',
                'grid',
                StepKey::PRODUCTS,
                true,
                'filters facets attributes material size',
                Condition::is('grid.filters', 'above', 'side', 'folded'),
            ),
            Setting::choice(
                'grid.arrange',
                'How products stand',
                'grid',
                StepKey::PRODUCTS,
                'tiles',
                ShelfLook::ARRANGED,
                keywords: 'arrange tiles rows justified columns staggered masonry grid',
            ),
            Setting::choice(
                'grid.last',
                'Places left over in the last row',
                'grid',
                StepKey::PRODUCTS,
                'leave',
                ShelfLook::LAST,
                keywords: 'last row ragged stray orphan even fill center stretch',
            ),
            Setting::choice(
                'grid.sort',
                'Order to begin with',
                'grid',
                StepKey::PRODUCTS,
                'shelf',
                self::SORTS,
                keywords: 'sort order category',
            ),
            Setting::picks(
                'grid.order',
                'Our choice, in order',
                'grid',
                StepKey::PRODUCTS,
                'product',
                48,
                keywords: 'hand order sort product first',
                when: Condition::is('grid.sort', 'hand'),
            ),
        ];
    }
}
