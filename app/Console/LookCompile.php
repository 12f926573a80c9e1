<?php

declare(strict_types=1);

namespace App\Console;

use App\Looks\LookReader;

final class LookCompile extends LookCommand
{
    protected $signature = 'look:compile {--look=1} {--json}';

    protected $description = 'Print the stylesheet a look compiles to';

    public function handle(LookReader $looks): int
    {
        return $this->tell(function () use ($looks): array {
            $compiled = $looks->of($this->look())->compiled();

            return ['file' => LookReader::cssName($compiled), 'css' => $compiled->css];
        });
    }
}
