<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Database\Transaction;
use App\Models\Release;
use App\Models\Storefront;

/** Makes an earlier release live again. The look being worked on is not touched. */
final class RestoreRelease
{
    public function __invoke(Storefront $storefront, Release $release, string $author): void
    {
        if ($release->storefront_id !== $storefront->id) {
            throw new \LogicException('The release belongs to another storefront.');
        }
        Transaction::run(static function () use ($storefront, $release, $author): void {
            $locked = Storefront::query()->lockForUpdate()->findOrFail($storefront->id);
            PublishLook::switch($locked, $release, $author);
        });
    }
}
