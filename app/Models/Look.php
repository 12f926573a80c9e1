<?php

declare(strict_types=1);

namespace App\Models;

use Ikat\Core\Look\LookState;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property int $storefront_id
 * @property string $name
 * @property string $theme
 * @property string $starter
 * @property string $state the own changes after the last edit, as LookState bytes
 * @property int $head the last edit's sequence
 * @property Storefront $storefront
 */
final class Look extends Model
{
    use BelongsToStore;

    protected $guarded = [];

    public function ownChanges(): LookState
    {
        return LookState::fromBytes($this->state);
    }

    /** @return BelongsTo<Storefront, $this> */
    public function storefront(): BelongsTo
    {
        return $this->belongsTo(Storefront::class);
    }

    /** @return HasMany<Edit, $this> */
    public function edits(): HasMany
    {
        return $this->hasMany(Edit::class);
    }
}
