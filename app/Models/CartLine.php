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

    /** @return int cents in the store's currency */
    public function each(\DateTimeInterface $moment): int
    {
        return $this->product->priceOf($this->variant)->at($moment);
    }

    /** What it is shown by: its way's own picture, or the product's. */
    public function picture(): ?Picture
    {
        return $this->product->picturesOfWays()[$this->variant] ?? $this->product->picture;
    }

    /**
     * As an order keeps it.
     *
     * @param int $each what one costs, in hundredths of the currency of the order
     *
     * @return array{name: string, quantity: int, sum: int}
     */
    public function ordered(int $each): array
    {
        return [
            'name' => $this->variant === '' ? $this->product->name : "{$this->product->name}, $this->variant",
            'quantity' => $this->quantity,
            'sum' => $each * $this->quantity,
        ];
    }

    /** @return BelongsTo<Product, $this> */
    public function product(): BelongsTo
    {
        return $this->belongsTo(Product::class);
    }
}
