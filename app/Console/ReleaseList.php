<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Release;

final class ReleaseList extends LookCommand
{
    protected $signature = 'release:list {--look=1} {--json}';

    protected $description = 'List the releases of a look’s storefront, the latest first';

    public function handle(): int
    {
        return $this->tell(function (): array {
            $storefront = $this->look()->storefront;

            return ['releases' => $storefront->releases->map(static fn(Release $r): array => [
                'release' => $r->number, 'live' => $r->id === $storefront->live_release_id, 'at' => $r->created_at->toIso8601ZuluString(),
                'author' => $r->author, 'reason' => $r->reason, 'findings' => $r->findings,
            ])->values()->all()];
        });
    }
}
