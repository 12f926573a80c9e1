<?php

declare(strict_types=1);

namespace App\Models;

use Ikat\Core\Checkout\Delivery;
use Ikat\Core\Checkout\Exchange;
use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property string $name
 * @property string $words
 * @property int $price cents
 * @property ?int $free_from cents of goods after promotion
 * @property ?list<string> $countries codes of those it goes to; none for all
 * @property ?int $least_grams
 * @property ?int $most_grams
 * @property int $least_sum cents of goods from which it is there
 */
final class DeliveryOffer extends Model
{
    use BelongsToStore;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['countries' => 'array'];
    }

    /** @param Exchange $in the currency they are told in */
    public function terms(Exchange $in = new Exchange()): Delivery
    {
        return new Delivery(
            $in->of($this->price),
            $this->free_from === null ? null : $in->of($this->free_from),
            $this->countries ?? [],
            $this->least_grams,
            $this->most_grams,
            $in->of($this->least_sum ?? 0),
        );
    }
}
