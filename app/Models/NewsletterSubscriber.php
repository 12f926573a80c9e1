<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * An address on a list, or on its way there.
 *
 * @property string $email in small letters
 * @property string $list newsletter or launch
 * @property ?string $token what its own links know it by
 * @property ?\Carbon\CarbonImmutable $confirmed_at when they said yes themselves; null before
 * @property \Illuminate\Support\Carbon $created_at
 */
final class NewsletterSubscriber extends Model
{
    use BelongsToStore;

    protected $table = 'letters';

    protected $guarded = [];

    protected function casts(): array
    {
        return ['confirmed_at' => 'immutable_datetime'];
    }
}
