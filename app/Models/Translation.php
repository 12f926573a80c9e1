<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Words of the store in a language beside its first.
 *
 * @property string $language two letters of ISO 639-1
 * @property string $original in the store's first language
 * @property ?string $words in the other; null while nobody has said them
 * @property string $used_in where the original stands; empty where it stands nowhere any more
 */
final class Translation extends Model
{
    use BelongsToStore;

    protected $guarded = [];
}
