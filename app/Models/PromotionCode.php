<?php

declare(strict_types=1);

namespace App\Models;

use Ikat\Core\Checkout\Promotion;
use Illuminate\Database\Eloquent\Model;

/**
 * @property string $code
 * @property string $kind percent or amount
 * @property int $value percent, or cents
 * @property int $minimum cents
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

    public function promotion(): Promotion
    {
        return new Promotion($this->code, $this->kind === 'percent', $this->value, $this->minimum, $this->starts_at, $this->ends_at);
    }
}
