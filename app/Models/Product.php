<?php

declare(strict_types=1);

namespace App\Models;

use App\Shop\ShopPicture;
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

    /** Days a product counts as new. */
    public const NEW_FOR_DAYS = 45;

    protected $guarded = [];

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

    /** @return list<ShopPicture> the first and all others */
    public function pictures(): array
    {
        return array_map(ShopPicture::of(...), array_values([...$this->picture === null ? [] : [$this->picture], ...$this->morePictures->all()]));
    }

    /** @return BelongsTo<Category, $this> */
    public function category(): BelongsTo
    {
        return $this->belongsTo(Category::class);
    }

    /**
     * The labels that stand on its picture.
     *
     * @return list<array{kind: string, words: string}>
     */
    public function labels(\DateTimeInterface $today): array
    {
        $labels = [];
        if ($this->stock === 0) {
            $labels[] = ['kind' => 'gone', 'words' => 'Sold out'];
        }
        if ($this->was !== null && $this->was > $this->price) {
            $labels[] = ['kind' => 'sale', 'words' => sprintf('Save %d%%', intdiv(($this->was - $this->price) * 100, $this->was))];
        }
        if ($this->added_on->diffInDays($today) <= self::NEW_FOR_DAYS) {
            $labels[] = ['kind' => 'new', 'words' => 'New'];
        }
        if ($this->label !== null) {
            $labels[] = ['kind' => 'own', 'words' => $this->label];
        }

        return $labels;
    }
}
