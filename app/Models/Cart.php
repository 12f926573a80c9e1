<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Collection;

/**
 * @property int $id
 * @property string $token what the visitor's cookie holds
 * @property ?string $code
 * @property ?array<string, string> $details
 * @property ?DeliveryOffer $deliveryOffer
 * @property Collection<int, CartLine> $lines
 */
final class Cart extends Model
{
    use BelongsToStore;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['details' => 'array'];
    }

    /** @return HasMany<CartLine, $this> */
    public function lines(): HasMany
    {
        return $this->hasMany(CartLine::class)->orderBy('id');
    }

    /** @return BelongsTo<DeliveryOffer, $this> */
    public function deliveryOffer(): BelongsTo
    {
        return $this->belongsTo(DeliveryOffer::class);
    }
}
