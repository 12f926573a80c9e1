<?php

declare(strict_types=1);

namespace App\Console;

use App\Inspection\Inspector;

final class LookReach extends LookCommand
{
    protected $signature = 'look:reach {setting} {--look=1} {--json}';

    protected $description = 'Say where a setting shows, or why it shows nowhere';

    public function handle(Inspector $reach): int
    {
        return $this->tell(function () use ($reach): array {
            $input = $reach->input($this->look());
            $path = (string) $this->argument('setting');
            $places = $input->reach->placesOf($path, $input->look, $input->compiled);

            return ['setting' => $path, 'places' => array_sum(array_map(count(...), $places)), 'pages' => array_map(count(...), $places), 'when_opened_or_focused' => array_sum(array_map(count(...), $input->reach->latentPlacesOf($path, $input->look, $input->compiled))), 'why' => $input->reach->whyNowhere($path, $input->look, $input->compiled)];
        });
    }
}
