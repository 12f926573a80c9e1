<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A version of a theme that a store brought in itself: checked in full before it became a row.
 *
 * @property int $id
 * @property string $name begins with own-
 * @property string $version
 * @property string $tokens open design tokens
 * @property string $css
 */
final class BroughtTheme extends Model
{
    use BelongsToStore;

    protected $guarded = [];
}
