<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Who did what that others may want to know of later. Written once, and never changed or removed.
 *
 * @property string $who
 * @property string $what
 * @property string $detail
 * @property string $ip_address
 * @property Carbon $created_at
 */
final class AuditEntry extends Model
{
    public const UPDATED_AT = null;

    protected $guarded = [];

    protected static function booted(): void
    {
        static::updating(static fn(): never => throw new \LogicException('The audit trail is never changed.'));
        static::deleting(static fn(): never => throw new \LogicException('The audit trail is never shortened by hand.'));
    }
}
