<?php

declare(strict_types=1);

namespace App\Models;

use Ikat\Core\Look\Base;
use Ikat\Core\Look\LookState;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property int $storefront_id
 * @property string $name
 * @property string $theme the base it began with, as version and starter: an edit may have put it on another
 * @property string $version
 * @property string $starter
 * @property ?\Illuminate\Support\Carbon $put_away_at
 * @property string $state the own changes after the last edit, as LookState bytes
 * @property int $head the last edit's sequence
 * @property int $undo_at the edit that undo takes back, 0 when there is none
 * @property int $redo_at the undo that redo takes back
 * @property Storefront $storefront
 */
final class Look extends Model
{
    use BelongsToStore;

    protected $guarded = [];

    protected $attributes = ['undo_at' => 0, 'redo_at' => 0];

    /** @var array<string, string> */
    protected $casts = ['put_away_at' => 'datetime'];

    /** @var ?array{string, LookState} the bytes it was read from, and what they say */
    private ?array $read = null;

    public function ownChanges(): LookState
    {
        // Asked for each setting of a step; it changes with the state alone.
        $bytes = (string) $this->attributes['state'];
        if ($this->read === null || $this->read[0] !== $bytes) {
            $this->read = [$bytes, LookState::fromBytes($bytes)];
        }

        return $this->read[1];
    }

    /** What it began with: its own changes may have put it on another. */
    public function firstBase(): Base
    {
        return new Base($this->theme, $this->version, $this->starter);
    }

    /** @return BelongsTo<Storefront, $this> */
    public function storefront(): BelongsTo
    {
        return $this->belongsTo(Storefront::class);
    }

    /** @return HasMany<Keepsake, $this> */
    public function keepsakes(): HasMany
    {
        return $this->hasMany(Keepsake::class);
    }

    /** @return HasMany<Edit, $this> */
    public function edits(): HasMany
    {
        return $this->hasMany(Edit::class);
    }
}
