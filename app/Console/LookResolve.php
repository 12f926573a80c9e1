<?php

declare(strict_types=1);

namespace App\Console;

use App\Looks\LookReader;
use Ikat\Core\Look\Resolution;

final class LookResolve extends LookCommand
{
    protected $signature = 'look:resolve {setting? : one path; all without it} {--look=1} {--json}';

    protected $description = 'Say what every setting of a look comes to, and why';

    public function handle(LookReader $looks): int
    {
        return $this->tell(function () use ($looks): array {
            $resolved = $looks->of($this->look())->resolved();
            $say = static fn(Resolution $r): array => [
                'value' => $r->value, 'layer' => strtolower($r->layer->kind->name), 'follows' => $r->chain, 'applies' => $r->unmet === null,
                'why' => $resolved->why($r->setting->path),
            ];
            $path = $this->argument('setting');

            return is_string($path)
                ? ['setting' => $path, ...$say($resolved->at($path))]
                : ['settings' => array_map($say, $resolved->all())];
        });
    }
}
