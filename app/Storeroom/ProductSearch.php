<?php

declare(strict_types=1);

namespace App\Storeroom;

use App\Models\Product;
use App\Models\Storefront;
use Ikat\Core\Find\SearchRank;
use Ikat\Core\Find\SearchTerms;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/**
 * Products by parts of words, the best answers first and of equal ones the most sold.
 *
 * A full-text index gathers everything it finds before it gives anything, so a word that many products have would cost more the
 * larger the store. Such a word is found among the most sold at once; only what is rare there is asked of the index.
 */
final class ProductSearch
{
    /** Products that are looked at first, the most sold. */
    private const FIRST = 500;

    /** Found products that are ranked. */
    private const RANKED = 300;

    /**
     * @param int $most products
     * @param list<string> $with relations
     * @param ?Storefront $of what it sells alone; null for all goods
     *
     * @return Collection<int, Product>
     */
    public static function find(string $asked, int $most, array $with, ?Storefront $of = null): Collection
    {
        $words = SearchTerms::asked($asked);
        if ($words === []) {
            return new Collection();
        }
        $goods = static fn(): Builder => $of?->goods() ?? Product::query();
        $found = self::amongTheMostSold($words, $goods());
        if (count($found) < $most && self::hasMore()) {
            // What the first look found stays found: the index knows nothing of what a transaction under way has written.
            $found += self::byIndex($asked, $goods());
        }
        $ranked = array_map(static fn(object $p): array => [-SearchRank::of($asked, $p->name, $p->note), -$p->sold, $p->id], $found);
        sort($ranked);
        $ids = array_column(array_slice($ranked, 0, $most), 2);

        return Product::query()
            ->with($with)
            ->whereKey($ids)
            ->get()
            ->sortBy(static fn(Product $p): int => (int) array_search($p->id, $ids, true))
            ->values();
    }

    /**
     * @param non-empty-list<string> $words
     * @param Builder<Product> $goods
     *
     * @return array<int, object{id: int, name: string, note: string, sold: int}> by id
     */
    private static function amongTheMostSold(array $words, Builder $goods): array
    {
        $sold = $goods
            ->orderByDesc('sold')
            ->orderBy('id')
            ->limit(self::FIRST)
            ->select(['id', 'name', 'note', 'sold', 'search_terms']);
        $query = DB::query()->fromSub($sold, 'most_sold')->select(['id', 'name', 'note', 'sold'])->limit(self::RANKED);
        foreach ($words as $word) {
            $query->whereRaw("concat(' ', search_terms) like ?", ["% $word%"]);
        }

        return $query->get()->keyBy('id')->all();
    }

    /** Whether the store has products that are not among the most sold. */
    private static function hasMore(): bool
    {
        return Product::query()->orderByDesc('sold')->orderBy('id')->offset(self::FIRST)->limit(1)->exists();
    }

    /**
     * @param Builder<Product> $goods
     *
     * @return array<int, object{id: int, name: string, note: string, sold: int}> by id
     */
    private static function byIndex(string $asked, Builder $goods): array
    {
        return $goods->whereRaw('match (search_terms) against (? in boolean mode)', [SearchTerms::question($asked)])
            ->limit(self::RANKED)->toBase()->get(['id', 'name', 'note', 'sold'])->keyBy('id')->all();
    }
}
