<?php

declare(strict_types=1);

namespace App\Workbench\Seasons;

use App\Workbench\Shell\ControlsPanel;
use App\Workbench\Shell\WindowPlace;
use Ikat\Core\Season\Season;
use Ikat\Core\Setting\Item;

/** The seasons, and when each runs in the next twelve months. */
final class SeasonsPanel extends ControlsPanel
{
    public function view(): string
    {
        return 'workbench.seasons.panel';
    }

    /** What it swaps, while it runs. */
    public function shows(): ?WindowPlace
    {
        $item = Item::ofPart($this->part);
        foreach ($this->seasons() as $season) {
            if ($item === null || $season->item !== $item->name()) {
                continue;
            }
            $now = now()->toImmutable();
            $moment = $season->momentInside($now);
            $isOther = $moment !== null && ! $season->runsAt($now);
            $swapped = array_key_first(array_diff_key($season->swaps, ['announcement.show' => true]));
            $part = $swapped === null ? null : $this->bench->setting($swapped)->part;

            return (WindowPlace::ofPart((string) $part) ?? WindowPlace::ofPart('home'))
                ?->at($isOther ? $moment->setTimezone($this->bench->snapshot->zone)->format('Y-m-d\TH:i') : null);
        }

        return null;
    }

    /** @return list<Season> those that are on */
    public function seasons(): array
    {
        return $this->bench->snapshot->calendar()->seasons;
    }
}
