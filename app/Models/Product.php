<?php

declare(strict_types=1);

namespace App\Models;

use Ikat\Core\Find\SearchTerms;
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
            $product->search_terms = SearchTerms::index($product->name, (string) $product->note, $product->words);
        });
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
