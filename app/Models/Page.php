<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/**
 * @property string $slug
 * @property string $title
 * @property bool $policy whether it belongs among the shop's policies
 * @property string $body plain text; an empty line begins a new paragraph
 */
final class Page extends Model
{
    use BelongsToStore;

    protected $guarded = [];

    protected static function booted(): void
    {
        // What is put away is in the Storeroom alone.
        static::addGlobalScope('shown', static fn(Builder $pages) => $pages->where('away', false));
    }
}
