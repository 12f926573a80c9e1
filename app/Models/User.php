<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property int $store_id
 * @property string $name
 * @property string $email
 * @property Role $role
 * @property string $password hashed
 * @property ?string $factor_secret base 32, encrypted in the database
 * @property ?Carbon $factor_since
 * @property ?int $factor_step
 * @property ?list<string> $recovery_codes hashes
 * @property ?string $last_place where they worked last: an address within the workbench, with its query
 * @property ?Carbon $left_at when they were taken out of the store
 */
final class User extends Authenticatable
{
    protected $guarded = [];

    /** Nowhere yet, also for somebody who has just been invited. */
    protected $attributes = ['last_place' => null];

    protected $hidden = ['password', 'remember_token', 'factor_secret', 'recovery_codes'];

    protected function casts(): array
    {
        return [
            'password' => 'hashed', 'role' => Role::class, 'factor_secret' => 'encrypted', 'factor_since' => 'datetime',
            'factor_step' => 'integer', 'recovery_codes' => 'array', 'left_at' => 'datetime',
        ];
    }

    public function hasSecondFactor(): bool
    {
        return $this->factor_since !== null;
    }
}
