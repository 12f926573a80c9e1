<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Release;
use App\Publishing\RestoreRelease;

final class ReleaseRestore extends LookCommand
{
    protected $signature = 'release:restore {number} {--look=1} {--json}';

    protected $description = 'Make an earlier release live again';

    public function handle(RestoreRelease $restore): int
    {
        return $this->tell(function () use ($restore): array {
            $storefront = $this->look()->storefront;
            $release = Release::query()->where('storefront_id', $storefront->id)->firstWhere('number', (int) $this->argument('number'))
                ?? throw new \InvalidArgumentException(sprintf(
                    'There is no release %s of %s.',
                    (string) $this->argument('number'),
                    $storefront->name,
                ));
            $restore($storefront, $release, 'the console');

            return ['release' => $release->number, 'live' => true];
        });
    }
}
