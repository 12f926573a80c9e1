<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Facades\DB;

/**
 * @property int $id
 * @property string $slug
 * @property string $name
 * @property string $words
 * @property ?list<int> $first_goods ids of what comes first on its shelf, in order
 * @property int $position
 * @property ?int $parent_id the category it stands within
 * @property ?self $parent
 * @property ?Picture $picture
 * @property \Illuminate\Database\Eloquent\Collection<int, self> $children in order
 */
final class Category extends Model
{
    use BelongsToStore;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['first_goods' => 'array'];
    }

    /**
     * As its shelf is arranged: what comes first, and then as all goods stand.
     *
     * @param Builder<Product> $goods of it
     *
     * @return Builder<Product>
     */
    public function arranged(Builder $goods): Builder
    {
        $first = array_map(intval(...), $this->first_goods ?? []);

        return $goods
            ->when($first !== [], static fn(Builder $q) => $q->orderByRaw(
                'coalesce(nullif(field(products.id, '.implode(',', array_fill(0, count($first), '?')).'), 0), 1000)',
                $first,
            ))
            ->orderBy('position')
            ->orderBy('id');
    }

    /** @return BelongsTo<self, $this> */
    public function parent(): BelongsTo
    {
        return $this->belongsTo(self::class, 'parent_id');
    }

    /** @return HasMany<self, $this> */
    public function children(): HasMany
    {
        return $this->hasMany(self::class, 'parent_id')->orderBy('position')->orderBy('id');
    }

    /** @return BelongsTo<Picture, $this> */
    public function picture(): BelongsTo
    {
        return $this->belongsTo(Picture::class);
    }

    /**
     * What stands in it, and in those within it.
     *
     * @return Builder<Product>
     */
    public function goods(): Builder
    {
        $ids = [(int) $this->id, ...$this->children()->pluck('id')->all()];
        $also = DB::table('product_categories')->whereIn('category_id', $ids);
        if (! $also->exists()) {
            return Product::query()->whereIn('category_id', $ids);
        }

        return Product::query()->where(
            static fn(Builder $q) => $q->whereIn('category_id', $ids)->orWhereIn('id', $also->select('product_id')),
        );
    }
}
