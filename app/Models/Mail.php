<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A letter the simulated mailbox keeps instead of sending it.
 *
 * @property int $id
 * @property ?int $storefront_id null: to one of the store's own people
 * @property string $to
 * @property string $subject
 * @property string $html
 */
final class Mail extends Model
{
    use BelongsToStore;

    protected $guarded = [];
}
