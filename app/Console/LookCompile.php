<?php

declare(strict_types=1);

namespace App\Console;

use App\Looks\LookDesk;

final class LookCompile extends LookCommand
{
    protected $signature = 'look:compile {--look=1} {--json}';

    protected $description = 'Print the stylesheet a look compiles to';

    public function handle(LookDesk $desk): int
    {
        return $this->tell(function () use ($desk): array {
            $compiled = $desk->compile($this->look());

            return ['file' => LookDesk::cssName($compiled), 'css' => $compiled->css];
        });
    }
}
