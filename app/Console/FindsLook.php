<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\CurrentStore;
use App\Models\Look;

/** The look a command is about, by its option; the console may see every store's. */
trait FindsLook
{
    /** @throws \InvalidArgumentException when there is no such look */
    protected function look(): Look
    {
        $look = Look::query()->withoutGlobalScope('store')->find((int) $this->option('look'));
        if ($look === null) {
            throw new \InvalidArgumentException(sprintf(
                'There is no look %s. Give one that exists: --look=1.',
                (string) $this->option('look'),
            ));
        }
        app(CurrentStore::class)->is($look->getAttribute('store_id'));

        return $look->load('storefront');
    }
}
