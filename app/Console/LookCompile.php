<?php

declare(strict_types=1);

namespace App\Console;

use App\Looks\LookReader;

final class LookCompile extends LookCommand
{
    protected $signature = 'look:compile {--look=1} {--json}';

    protected $description = 'Print the stylesheet a look compiles to';

    public function handle(LookReader $desk): int
    {
        return $this->tell(function () use ($desk): array {
            $compiled = $desk->compile($this->look());

            return ['file' => LookReader::cssName($compiled), 'css' => $compiled->css];
        });
    }
}
