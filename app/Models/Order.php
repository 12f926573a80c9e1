<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property string $number
 * @property string $token
 * @property array<string, string> $details
 * @property list<array{name: string, quantity: int, sum: int}> $lines
 * @property string $currency ISO 4217
 * @property array{goods: int, off: int, delivery: int, total: int, code: ?string, offer: string} $totals cents
 */
final class Order extends Model
{
    use BelongsToStore;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['details' => 'array', 'lines' => 'array', 'totals' => 'array'];
    }
}
