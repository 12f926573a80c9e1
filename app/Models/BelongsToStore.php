<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/**
 * Every query of such a model sees one store's rows only, and a new row belongs to that store.
 *
 * Where no store has been chosen the query fails rather than seeing everybody's rows.
 */
trait BelongsToStore
{
    public static function bootBelongsToStore(): void
    {
        static::addGlobalScope('store', static function (Builder $query): void {
            $query->where($query->getModel()->qualifyColumn('store_id'), app(CurrentStore::class)->id());
        });
        static::creating(static function (Model $row): void {
            $row->setAttribute('store_id', app(CurrentStore::class)->id());
        });
    }
}
