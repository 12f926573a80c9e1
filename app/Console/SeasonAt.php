<?php

declare(strict_types=1);

namespace App\Console;

use App\Looks\LookReader;
use Ikat\Core\Season\LocalMoment;
use Ikat\Core\Season\Season;
use Ikat\Core\Season\SeasonException;

final class SeasonAt extends LookCommand
{
    protected $signature = 'season:at {time : on the store’s clock, 2027-02-28T18:00} {--look=1} {--json}';
    protected $description = 'Say which seasons run at a moment, what they change, and why';

    public function handle(LookReader $looks): int
    {
        return $this->tell(function () use ($looks): array {
            $look = $this->look();
            try {
                $moment = LocalMoment::at((string) $this->argument('time'), $looks->of($look)->zone);
            } catch (SeasonException $e) {
                throw new \InvalidArgumentException($e->getMessage(), previous: $e);
            }
            $then = $looks->of($look)->resolved($moment);
            $running = $looks->of($look)->calendar()->runningAt($moment);
            $changed = array_merge([], ...array_map(static fn(Season $s): array => array_keys($s->swaps), $running));

            return [
                'moment' => $moment->format('Y-m-d\\TH:i\\Z'),
                'running' => array_map(
                    static fn(Season $s): array => ['season' => $s->item, 'name' => $s->name, 'starts' => $s->starts, 'ends' => $s->ends],
                    $running,
                ),
                'shows' => (object) array_combine(
                    $changed,
                    array_map(static fn(string $p): array => ['value' => $then->value($p), 'why' => $then->why($p)], $changed),
                ),
            ];
        });
    }
}
