<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Reached only through its cart, which is scoped to the store.
 *
 * @property int $id
 * @property int $product_id
 * @property int $quantity
 * @property string $variant what its variant is called; empty where the product has none
 * @property Product $product
 */
final class CartLine extends Model
{
    protected $guarded = [];

    public function each(\DateTimeInterface $moment): int
    {
        return $this->product->priceOf($this->variant)->at($moment);
    }

    /** What it is shown by: its way's own picture, or the product's. */
    public function picture(): ?Picture
    {
        return $this->product->picturesOfWays()[$this->variant] ?? $this->product->picture;
    }

    /** @return array{name: string, quantity: int, sum: int} as an order keeps it; the sum in cents */
    public function ordered(\DateTimeInterface $moment): array
    {
        return [
            'name' => $this->variant === '' ? $this->product->name : "{$this->product->name}, $this->variant",
            'quantity' => $this->quantity,
            'sum' => $this->each($moment) * $this->quantity,
        ];
    }

    /** @return BelongsTo<Product, $this> */
    public function product(): BelongsTo
    {
        return $this->belongsTo(Product::class);
    }
}
