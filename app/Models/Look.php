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
 * @property Storefront $storefront
 */
final class Look extends Model
{
    use BelongsToStore;

    protected $guarded = [];

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

    /** What is tried on: not kept, and told apart by its content. Empty for the look itself. */
    public string $trial = '';

    /**
     * The look as it would be with other own changes; nothing of it is kept.
     *
     * @param array<string, bool|float|string|null> $changes path => value, null to leave it to the layers below
     */
    public function trying(array $changes): self
    {
        $tried = clone $this;
        $tried->state = LookState::of([...$this->ownChanges()->own, ...$changes])->bytes();
        $tried->trial = substr(hash('xxh128', $tried->state), 0, 16);

        return $tried;
    }

    /** Tells apart what a look was at different times, and what was tried on. */
    public function stamp(): string
    {
        return "$this->id@$this->head".($this->trial === '' ? '' : "~$this->trial");
    }

    /** What it stands on now, or would with another state. */
    public function base(?LookState $state = null): Base
    {
        return Base::in($state ?? $this->ownChanges(), new Base($this->theme, $this->version, $this->starter));
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
