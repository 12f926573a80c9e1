<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

use Ikat\Core\Season\SeasonCalendar;
use Ikat\Core\Setting\StepKey;

/** Seasons that can never run, or that would change nothing. */
final class SeasonTimes implements Check
{
    public function run(Inspection $input): iterable
    {
        foreach (SeasonCalendar::of($input->look, new \DateTimeZone($input->get(StoreContents::class)->timeZone))->seasons as $season) {
            $path = "season.$season->item";
            if ($season->starts === null && $season->ends === null) {
                yield new SettingFinding(
                    "season:$season->item:times",
                    Severity::ShouldFix,
                    StepKey::SEASONS,
                    "$path.starts",
                    "“{$season->name}” has neither a start nor an end",
                    'Say when it starts, and when it ends.',
                );
            } elseif ($season->starts !== null && $season->ends !== null && $season->ends <= $season->starts) {
                yield new SettingFinding(
                    "season:$season->item:order",
                    Severity::ShouldFix,
                    StepKey::SEASONS,
                    "$path.ends",
                    "“{$season->name}” ends before it starts",
                    'Put its end after its start.',
                );
            }
            if ($season->swaps === []) {
                yield new SettingFinding(
                    "season:$season->item:empty",
                    Severity::Know,
                    StepKey::SEASONS,
                    "$path.heading",
                    "“{$season->name}” changes nothing",
                    'Give it a picture, a headline, an announcement or another scheme.',
                );
            }
        }
    }
}
