<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/** A sign-up to the newsletter. */
final class NewsletterSubscriber extends Model
{
    use BelongsToStore;

    protected $table = 'letters';

    protected $guarded = [];
}
