<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A stylesheet of a release under its content-hashed name: what the file is made of again when it is lost.
 *
 * Whose it is does not matter: who knows the name of the content may have the content, as from the file.
 *
 * @property string $name
 * @property string $css
 */
final class Sheet extends Model
{
    public $incrementing = false;

    public $timestamps = false;

    protected $primaryKey = 'name';

    protected $keyType = 'string';

    protected $guarded = [];
}
