<?php

declare(strict_types=1);

namespace App\Console;

use App\Publishing\PublishLook;

final class ReleasePublish extends LookCommand
{
    protected $signature = 'release:publish {--look=1} {--reason= : why, when findings stand in the way} {--json}';

    protected $description = 'Publish a look';

    public function handle(PublishLook $publish): int
    {
        return $this->tell(function () use ($publish): array {
            $release = $publish($this->look(), 'the console', $this->option('reason'));

            return ['release' => $release->number, 'live' => true, 'findings' => $release->findings];
        });
    }
}
