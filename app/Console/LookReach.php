<?php

declare(strict_types=1);

namespace App\Console;

use App\Inspection\Inspector;
use Ikat\Core\Compile\CompiledLook;
use Ikat\Core\Reach\ReachIndex;

final class LookReach extends LookCommand
{
    protected $signature = 'look:reach {setting} {--look=1} {--json}';

    protected $description = 'Say where a setting shows, or why it shows nowhere';

    public function handle(Inspector $inspector): int
    {
        return $this->tell(function () use ($inspector): array {
            $input = $inspector->inspect($this->look());
            $path = (string) $this->argument('setting');
            $places = $input->get(ReachIndex::class)->placesOf($path, $input->look, $input->get(CompiledLook::class));

            return [
                'setting' => $path,
                'places' => array_sum(array_map(count(...), $places)),
                'pages' => array_map(count(...), $places),
                'when_opened_or_focused' => array_sum(array_map(
                    count(...),
                    $input->get(ReachIndex::class)->latentPlacesOf($path, $input->look, $input->get(CompiledLook::class)),
                )),
                'why' => $input->get(ReachIndex::class)->whyNowhere($path, $input->look, $input->get(CompiledLook::class)),
            ];
        });
    }
}
