<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * What a buyer wrote of a product.
 *
 * @property int $product_id
 * @property string $name of the buyer
 * @property int $stars 1 to 5
 * @property string $words
 * @property Carbon $written_on
 * @property bool $shows
 */
final class Review extends Model
{
    use BelongsToStore;

    /** Reviews that a product's page has, at most: each is read by everybody who opens it. */
    public const ON_PAGE = 100;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['written_on' => 'date', 'shows' => 'boolean'];
    }
}
