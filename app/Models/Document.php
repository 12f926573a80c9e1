<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A file of the store that menus and buttons lead to.
 *
 * @property int $id
 * @property int $store_id
 * @property string $name what people call it
 * @property string $slug its address in the shop: stays when another file takes its place
 * @property string $path address of its file, named after its content
 * @property int $bytes
 */
final class Document extends Model
{
    use BelongsToStore;

    protected $guarded = [];
}
