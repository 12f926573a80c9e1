<?php

declare(strict_types=1);

namespace App\Models;

use Ikat\Core\Find\SearchTerms;
use Ikat\Core\Store\Margin;
use Ikat\Core\Store\Price;
use Ikat\Core\Store\RichText;
use Ikat\Core\Store\Variant;
use Ikat\Core\Store\Variants;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property string $slug
 * @property string $name
 * @property string $note
 * @property string $words
 * @property string $search_terms what the search finds it by
 * @property array<string, string> $facts
 * @property int $price cents, where it is not reduced
 * @property ?int $reduced cents
 * @property ?\Carbon\CarbonImmutable $reduced_from
 * @property ?\Carbon\CarbonImmutable $reduced_until
 * @property ?int $cost cents it costs the store
 * @property ?int $margin percent of the lowest price that is left, as Margin reckons it
 * @property ?int $stock pieces, of all its variants where it has some; null where they are not counted
 * @property ?int $weight grams
 * @property ?array<string, string> $options as OptionsCell reads them
 * @property ?array<string, string> $variants as VariantsCell reads them
 * @property ?array<string, string> $swatches value that can be chosen => #rrggbb
 * @property ?list<int> $related ids of products that stand beside it, in order
 * @property bool $shows_rating
 * @property string $tax_class
 * @property ?string $label hand-given
 * @property ?float $rating 1.0..5.0
 * @property int $ratings
 * @property Carbon $added_on
 * @property ?string $video address of its film
 * @property ?string $film_elsewhere address of one on the web
 * @property ?Picture $picture
 * @property Collection<int, Picture> $morePictures in order
 * @property Category $category
 */
final class Product extends Model
{
    use BelongsToStore;

    /** @var ?array{array{mixed, mixed}, Variants} what ways() was read from, and what came of it */
    private ?array $parsed = null;

    /** Currency that its price is shown in, where a sample shows another than the storefront's; never kept. */
    public ?string $pricedIn = null;

    /** @var ?array<int, Picture> by id: those its ways are shown by, and perhaps others */
    private ?array $pictures = null;

    protected $guarded = [];

    protected static function booted(): void
    {
        static::saving(static function (self $product): void {
            $product->forceFill(self::following($product->attributesToArray()));
        });
    }

    /**
     * What follows from a product's own values, and is kept beside them.
     *
     * @param array<string, mixed> $row with name, note, words, price, reduced and cost
     *
     * @return array{search_terms: string, margin: ?int}
     */
    public static function following(array $row): array
    {
        return [
            'search_terms' => SearchTerms::index($row['name'], (string) ($row['note'] ?? ''), RichText::plain($row['words'])),
            'margin' => isset($row['cost'])
                ? (new Margin((new Price($row['price'], $row['reduced'] ?? null))->lowest(), $row['cost']))->percent()
                : null,
        ];
    }

    protected function casts(): array
    {
        return [
            'facts' => 'array', 'options' => 'array', 'variants' => 'array', 'swatches' => 'array',
            'related' => 'array', 'added_on' => 'date',
            'rating' => 'float',
            'featured' => 'boolean', 'shows_rating' => 'boolean', 'reduced_from' => 'immutable_datetime',
            'reduced_until' => 'immutable_datetime',
        ];
    }

    /** @param string $variant what the variant is called; empty for the product itself */
    public function priceOf(string $variant = ''): Price
    {
        $price = new Price($this->price, $this->reduced, $this->reduced_from, $this->reduced_until);

        return $variant === '' ? $price : $price->plus($this->ways()->find($variant)->more ?? 0);
    }

    /** Read once for the values it has: a page asks for each of many ways. */
    public function ways(): Variants
    {
        $from = [$this->attributes['options'] ?? null, $this->attributes['variants'] ?? null];
        if ($this->parsed === null || $this->parsed[0] !== $from) {
            $this->parsed = [$from, Variants::of($this->options ?? [], $this->variants ?? [])];
        }

        return $this->parsed[1];
    }

    /** @return array<string, Picture> what a way is called => the picture it is shown by; those that have one of their own */
    public function picturesOfWays(): array
    {
        if ($this->pictures === null) {
            self::loadPicturesOfWays([$this]);
        }
        $found = $this->pictures ?? [];

        return array_filter(array_map(static fn(Variant $v): ?Picture => $found[$v->picture ?? 0] ?? null, $this->ways()->named));
    }

    /**
     * In one question for all of them.
     *
     * @param iterable<self> $products
     */
    public static function loadPicturesOfWays(iterable $products): void
    {
        $ids = [];
        foreach ($products as $product) {
            $ids = [...$ids, ...array_map(static fn(Variant $v): int => $v->picture ?? 0, array_values($product->ways()->named))];
        }
        $ids = array_values(array_unique(array_filter($ids)));
        $found = $ids === [] ? [] : Picture::query()->findMany($ids)->keyBy('id')->all();
        foreach ($products as $product) {
            $product->pictures = $found;
        }
    }

    /** @return ?int pieces that can be bought; null for as many as wanted, 0 too for a variant that is not there */
    public function left(string $variant = ''): ?int
    {
        $ways = $this->ways();
        if (! $ways->areThere()) {
            return $this->stock;
        }
        $found = $ways->find($variant);

        return $found === null ? 0 : ($ways->haveStock() ? $found->stock : $this->stock);
    }

    /** @return int grams of one; nothing where it is not said */
    public function grams(string $variant = ''): int
    {
        return ($variant === '' ? null : $this->ways()->find($variant)?->weight) ?? $this->weight ?? 0;
    }

    public function isSoldOut(): bool
    {
        return $this->stock === 0;
    }

    /**
     * Those of which something is left.
     *
     * @param Builder<self> $query
     */
    public function scopeInStock(Builder $query): void
    {
        $query->where(static fn(Builder $q) => $q->where('stock', '>', 0)->orWhereNull('stock'));
    }

    /**
     * Those whose price is reduced at a moment.
     *
     * @param Builder<self> $query
     */
    public function scopeReducedAt(Builder $query, \DateTimeInterface $moment): void
    {
        $query->whereRaw(self::IS_REDUCED, self::twice($moment));
    }

    /**
     * By what is charged at a moment.
     *
     * @param Builder<self> $query
     * @param 'asc'|'desc' $direction
     */
    public function scopeByPriceAt(Builder $query, \DateTimeInterface $moment, string $direction): void
    {
        $query->orderByRaw('case when '.self::IS_REDUCED." then reduced else price end $direction", self::twice($moment));
    }

    private const IS_REDUCED = '(reduced is not null and (reduced_from is null or reduced_from <= ?)'
        .' and (reduced_until is null or reduced_until > ?))';

    /** @return array{string, string} */
    private static function twice(\DateTimeInterface $moment): array
    {
        return array_fill(0, 2, gmdate('Y-m-d H:i:s', $moment->getTimestamp()));
    }

    /** @return BelongsTo<Picture, $this> */
    public function picture(): BelongsTo
    {
        return $this->belongsTo(Picture::class);
    }

    /** @return BelongsToMany<Picture, $this> */
    public function morePictures(): BelongsToMany
    {
        return $this->belongsToMany(Picture::class, 'product_pictures')->orderByPivot('position');
    }

    /** @return HasMany<Review, $this> the latest of those that show, as many as a page bears */
    public function reviews(): HasMany
    {
        return $this->hasMany(Review::class)->where('shows', true)->orderByDesc('written_on')->orderByDesc('id')->limit(Review::ON_PAGE);
    }

    /** @return BelongsTo<Category, $this> */
    public function category(): BelongsTo
    {
        return $this->belongsTo(Category::class);
    }
}
