<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property string $menu main or help
 * @property string $label
 * @property string $target path within the storefront, beginning with a slash
 */
final class MenuEntry extends Model
{
    use BelongsToStore;

    protected $guarded = [];
}
