<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A family of the font shelf that somebody in the store wants to find again.
 *
 * @property int $id
 * @property string $family key of the shelf
 */
final class MarkedFamily extends Model
{
    use BelongsToStore;

    protected $table = 'marked_families';

    protected $guarded = [];
}
