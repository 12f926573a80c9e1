<?php

declare(strict_types=1);

namespace App\Models;

use Ikat\Core\Find\SearchTerms;
use Ikat\Core\Store\Margin;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property string $slug
 * @property string $name
 * @property string $note
 * @property string $words
 * @property string $search_terms what the search finds it by
 * @property array<string, string> $facts
 * @property int $price cents
 * @property ?int $was cents, before the reduction
 * @property ?int $cost cents it costs the store
 * @property ?int $margin percent of the price that is left, as Margin reckons it
 * @property int $stock
 * @property ?string $label hand-given
 * @property ?float $rating 1.0..5.0
 * @property int $ratings
 * @property Carbon $added_on
 * @property ?string $video address of its film
 * @property ?Picture $picture
 * @property Collection<int, Picture> $morePictures in order
 * @property Category $category
 */
final class Product extends Model
{
    use BelongsToStore;

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
     * @param array<string, mixed> $row with name, note, words, price and cost
     *
     * @return array{search_terms: string, margin: ?int}
     */
    public static function following(array $row): array
    {
        return [
            'search_terms' => SearchTerms::index($row['name'], (string) ($row['note'] ?? ''), $row['words']),
            'margin' => isset($row['cost']) ? (new Margin($row['price'], $row['cost']))->percent() : null,
        ];
    }

    protected function casts(): array
    {
        return ['facts' => 'array', 'added_on' => 'date', 'rating' => 'float', 'featured' => 'boolean'];
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

    /** @return BelongsTo<Category, $this> */
    public function category(): BelongsTo
    {
        return $this->belongsTo(Category::class);
    }
}
