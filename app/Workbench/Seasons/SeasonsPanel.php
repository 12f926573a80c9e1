<?php

declare(strict_types=1);

namespace App\Workbench\Seasons;

use App\Workbench\Shell\ControlsPanel;
use Ikat\Core\Season\Season;

/** The seasons, and when each runs in the next twelve months. */
final class SeasonsPanel extends ControlsPanel
{
    public function view(): string
    {
        return 'workbench.seasons.panel';
    }

    /** @return list<Season> those that are on */
    public function seasons(): array
    {
        return $this->bench->snapshot->calendar()->seasons;
    }
}
