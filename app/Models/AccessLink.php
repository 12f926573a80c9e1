<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A way in that was sent by letter: it holds for a while, and once.
 *
 * @property int $id
 * @property int $store_id
 * @property ?int $user_id
 * @property string $purpose reset or invitation
 * @property string $email
 * @property string $name
 * @property string $role
 * @property Carbon $expires_at
 * @property ?Carbon $used_at
 */
final class AccessLink extends Model
{
    protected $guarded = [];

    protected function casts(): array
    {
        return ['expires_at' => 'datetime', 'used_at' => 'datetime'];
    }
}
