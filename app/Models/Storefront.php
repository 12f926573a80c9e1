<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

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
 */
final class Storefront extends Model
{
    use BelongsToStore;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['locked' => 'boolean', 'password' => 'hashed'];
    }

    /** @return BelongsTo<Store, $this> */
    public function store(): BelongsTo
    {
        return $this->belongsTo(Store::class);
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
