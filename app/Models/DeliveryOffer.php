<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property string $name
 * @property string $words
 * @property int $price cents
 * @property ?int $free_from cents of goods after promotion
 */
final class DeliveryOffer extends Model
{
    use BelongsToStore;

    protected $guarded = [];
}
