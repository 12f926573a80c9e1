<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A point of a look's journal with a name. Reached only through its look, which is scoped to the store.
 *
 * @property int $id
 * @property int $sequence the line after which it stands; 0 for the look as it began
 * @property string $name
 * @property string $author who named it
 * @property Carbon $created_at
 */
final class Keepsake extends Model
{
    /** Letters of a name. */
    public const LONGEST = 60;

    protected $guarded = [];
}
