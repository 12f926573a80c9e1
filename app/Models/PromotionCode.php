<?php

declare(strict_types=1);

namespace App\Models;

use Ikat\Core\Checkout\Exchange;
use Ikat\Core\Checkout\Promotion;
use Ikat\Core\Checkout\PromotionKind;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property string $code
 * @property string $kind percent, amount, delivery or gift
 * @property int $value percent, or cents; 0 for free delivery and a gift
 * @property int $minimum cents
 * @property ?int $category_id the category it is meant for; null for all goods
 * @property ?int $gift_id
 * @property ?Product $gift
 * @property ?int $most_uses orders it counts in; null for as many as there are
 * @property int $used orders it has counted in
 * @property ?\Carbon\CarbonImmutable $starts_at
 * @property ?\Carbon\CarbonImmutable $ends_at
 */
final class PromotionCode extends Model
{
    use BelongsToStore;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['starts_at' => 'immutable_datetime', 'ends_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<Product, $this> */
    public function gift(): BelongsTo
    {
        return $this->belongsTo(Product::class, 'gift_id');
    }

    /** @return BelongsTo<Category, $this> */
    public function category(): BelongsTo
    {
        return $this->belongsTo(Category::class);
    }

    /** @param Exchange $in the currency its amounts are told in */
    public function promotion(Exchange $in = new Exchange()): Promotion
    {
        $kind = PromotionKind::from($this->kind);

        return new Promotion(
            $this->code,
            $kind,
            $kind === PromotionKind::Amount ? $in->of($this->value) : $this->value,
            $in->of($this->minimum),
            $this->starts_at,
            $this->ends_at,
            $this->most_uses === null ? null : $this->most_uses - $this->used,
        );
    }
}
