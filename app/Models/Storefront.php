<?php

declare(strict_types=1);

namespace App\Models;

use Ikat\Core\Checkout\Exchange;
use Ikat\Core\Language\ShopLanguage;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Facades\DB;

/**
 * @property int $id
 * @property int $store_id
 * @property string $name
 * @property string $slug
 * @property bool $locked
 * @property ?string $password hashed
 * @property ?int $live_release_id the one row a publish switches
 * @property int $content_version goes up when the Storeroom changes: cached pages carry it
 * @property ?Release $liveRelease
 * @property ?list<string> $countries ISO 3166-1 codes it sells to; none for all of the store's
 * @property ?list<string> $languages ISO 639 codes, its own first; none for the store's
 * @property ?string $currency ISO 4217; null for the store's
 * @property ?int $rate millionths of a unit of it for one of the store's
 * @property ?list<int> $category_ids of what it shows, with those within them; none for all
 */
final class Storefront extends Model
{
    use BelongsToStore;

    protected $guarded = [];

    /** @var ?list<int> */
    private ?array $shelves = null;

    protected function casts(): array
    {
        return ['locked' => 'boolean', 'password' => 'hashed', 'countries' => 'array', 'category_ids' => 'array', 'languages' => 'array'];
    }

    /** @return BelongsTo<Store, $this> */
    public function store(): BelongsTo
    {
        return $this->belongsTo(Store::class);
    }

    /** ISO 4217 code of what it sells in. */
    public function sellsIn(): string
    {
        return $this->currency ?? $this->store->currency;
    }

    /** How amounts of the store become its own. */
    public function exchange(): Exchange
    {
        return $this->currency === null || $this->rate === null ? new Exchange() : new Exchange($this->rate);
    }

    /**
     * Those that are read in more than one language.
     *
     * @param Builder<self> $query
     */
    public function scopeSpeakingSeveral(Builder $query): void
    {
        $query->join('stores', 'stores.id', '=', 'storefronts.store_id')
            ->whereRaw("json_length(coalesce(nullif(storefronts.languages, '[]'), stores.languages)) > 1");
    }

    /** @return list<string> ISO 639 codes, its own first */
    public function speaks(): array
    {
        return ($this->languages ?? []) ?: ($this->store->languages ?? []);
    }

    /** What its words are written in. */
    public function firstLanguage(): string
    {
        return $this->speaks()[0] ?? ShopLanguage::ORIGINAL;
    }

    /** @return list<string> what it speaks beside its first language */
    public function otherLanguages(): array
    {
        return array_slice($this->speaks(), 1);
    }

    /** @return list<string> ISO 3166-1 codes, its own first */
    public function sellsTo(): array
    {
        return ($this->countries ?? []) ?: ($this->store->countries ?? []);
    }

    /**
     * What it sells.
     *
     * @return Builder<Product>
     */
    public function goods(): Builder
    {
        $shelves = $this->shelves();

        return Product::query()->when($shelves !== [], static fn(Builder $q) => $q->where(
            static fn(Builder $in) => $in->whereIn('category_id', $shelves)->orWhereIn(
                'id',
                DB::table('product_categories')->whereIn('category_id', $shelves)->select('product_id'),
            ),
        ));
    }

    /** @return Builder<Category> */
    public function categories(): Builder
    {
        return Category::query()->when($this->shelves() !== [], fn(Builder $q) => $q->whereKey($this->shelves()));
    }

    /** Whether it has a page of a category. */
    public function shows(?Category $category): bool
    {
        return $category !== null && ($this->shelves() === [] || in_array($category->id, $this->shelves(), true));
    }

    /** @return list<int> ids of the categories it shows; none for all */
    private function shelves(): array
    {
        $chosen = $this->category_ids ?? [];

        return $this->shelves ??= $chosen === [] ? [] : array_values(array_map(
            intval(...),
            Category::query()->whereKey($chosen)->orWhereIn('parent_id', $chosen)->pluck('id')->all(),
        ));
    }

    /** @return BelongsTo<Release, $this> */
    public function liveRelease(): BelongsTo
    {
        return $this->belongsTo(Release::class, 'live_release_id');
    }

    /** @return HasMany<Look, $this> */
    public function looks(): HasMany
    {
        return $this->hasMany(Look::class)->orderBy('id');
    }

    /** @return HasMany<Release, $this> */
    public function releases(): HasMany
    {
        return $this->hasMany(Release::class)->orderByDesc('number');
    }
}
