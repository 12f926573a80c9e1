<?php

declare(strict_types=1);

namespace App\Models;

use Ikat\Core\Checkout\TaxRates;
use Illuminate\Database\Eloquent\Model;

/**
 * @property string $country its two letters
 * @property int $normal hundredths of a percent
 * @property int $reduced hundredths of a percent
 * @property bool $within whether prices have it in them already
 */
final class TaxRate extends Model
{
    use BelongsToStore;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['within' => 'boolean'];
    }

    /** What is taken where nothing is said of a country: nothing. */
    public static function in(string $country): TaxRates
    {
        $rate = self::query()->firstWhere('country', $country);

        return $rate === null ? new TaxRates() : new TaxRates($rate->normal, $rate->reduced, $rate->within);
    }
}
