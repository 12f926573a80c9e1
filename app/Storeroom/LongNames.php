<?php

declare(strict_types=1);

namespace App\Storeroom;

use App\Models\Storefront;
use Ikat\Core\Store\RecordKinds;
use Illuminate\Support\Facades\Cache;

/** The longest names of a storefront's products: looked for anew only when names or what a storefront sells have changed. */
final readonly class LongNames
{
    /** Names that are told. */
    private const MOST = 200;

    private const FOLLOWS = [
        RecordKinds::GOODS => ['name', 'category_id', 'more_categories'], RecordKinds::CATEGORIES => ['parent_id'],
        RecordKinds::STOREFRONTS => ['category_ids'],
    ];

    private const SECONDS = 86_400;

    public function __construct(private TouchedColumns $touched) {}

    /** @return array<int, string> id of the product => its name, the longest first */
    public function of(Storefront $storefront): array
    {
        return Cache::remember(
            "long-names $storefront->id ".$this->touched->stamp(self::FOLLOWS),
            self::SECONDS,
            static fn(): array => $storefront->goods()->orderByRaw('char_length(name) desc')->orderBy('id')->limit(self::MOST)
                ->pluck('name', 'id')->all(),
        );
    }
}
