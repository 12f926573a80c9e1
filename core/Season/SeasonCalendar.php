<?php

declare(strict_types=1);

namespace Ikat\Core\Season;

use Ikat\Core\Look\Layer;
use Ikat\Core\Look\LayerKind;
use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Setting\Item;

/** The seasons of a look, and which of them run at a moment. */
final readonly class SeasonCalendar
{
    /**
     * @param list<Season> $seasons those that are on, in the order of the list: of two that run at once the later wins
     * @param list<Season> $absences when messages that have a time of their own are away: what a season puts in their place wins over that
     */
    private function __construct(public array $seasons, private array $absences = []) {}

    /** @param ResolvedLook $look without any season */
    public static function of(ResolvedLook $look, \DateTimeZone $zone): self
    {
        $seasons = [];
        foreach (Item::listed('season', $look->text('seasons')) as $item) {
            if ($look->value($item->path('on')) !== true) {
                continue;
            }
            $seasons[] = new Season(
                $item->name(),
                $look->text($item->path('name')),
                $look->text($item->path('starts')) ?: null,
                $look->text($item->path('ends')) ?: null,
                $look->value($item->path('yearly')) === true,
                SeasonSwaps::of($item, $look),
                $zone,
            );
        }

        return new self($seasons, self::absencesIn($look, $zone));
    }

    /** @return list<Season> */
    private static function absencesIn(ResolvedLook $look, \DateTimeZone $zone): array
    {
        $absences = [];
        foreach (Item::listed('message', $look->text('announcement.messages')) as $item) {
            $away = [$item->path('show') => false];
            [$starts, $ends] = [$look->text($item->path('starts')), $look->text($item->path('ends'))];
            $name = "Message $item->number, not its time";
            if ($starts !== '') {
                $absences[] = new Season("before-{$item->name()}", $name, null, $starts, false, $away, $zone);
            }
            if ($ends !== '') {
                $absences[] = new Season("after-{$item->name()}", $name, $ends, null, false, $away, $zone);
            }
        }

        return $absences;
    }

    /** @return list<Season> everything that lies over the look at a moment, the strongest last */
    private function over(\DateTimeImmutable $moment): array
    {
        return [
            ...array_values(array_filter($this->absences, static fn(Season $s): bool => $s->runsAt($moment))),
            ...$this->runningAt($moment),
        ];
    }

    /** @return list<Season> */
    public function runningAt(\DateTimeImmutable $moment): array
    {
        return array_values(array_filter($this->seasons, static fn(Season $s): bool => $s->runsAt($moment)));
    }

    /** @return list<Layer> the season layers at a moment, the strongest last */
    public function layersAt(\DateTimeImmutable $moment): array
    {
        return array_map(static fn(Season $s): Layer => new Layer(LayerKind::Season, $s->name, $s->swaps), $this->over($moment));
    }

    /** Names what runs at a moment; empty when nothing does. The same set of seasons always has the same name. */
    public function keyAt(\DateTimeImmutable $moment): string
    {
        return implode('+', array_map(static fn(Season $s): string => $s->item, $this->over($moment)));
    }

    /**
     * The change-overs and what runs from each on, beginning with what runs at the first moment.
     *
     * @param int $years how far ahead seasons that come back are followed
     *
     * @return list<array{int, string}> Unix time and key, in order
     */
    public function timeline(\DateTimeImmutable $from, int $years): array
    {
        $lastYear = (int) $from->format('Y') + $years;
        $all = [...$this->absences, ...$this->seasons];
        $moments = array_merge(...array_map(static fn(Season $s): array => $s->changeOvers($lastYear), $all) ?: [[]]);
        $later = array_filter($moments, static fn(\DateTimeImmutable $m): bool => $m > $from);
        sort($later);
        $line = [[$from->getTimestamp(), $this->keyAt($from)]];
        foreach ($later as $moment) {
            $key = $this->keyAt($moment);
            if ($key !== $line[count($line) - 1][1]) {
                $line[] = [$moment->getTimestamp(), $key];
            }
        }

        return $line;
    }

    /**
     * What a timeline says of a moment.
     *
     * @param list<array{int, string}> $timeline
     */
    public static function keyIn(array $timeline, int $time): string
    {
        $key = '';
        foreach ($timeline as [$from, $then]) {
            if ($from > $time) {
                break;
            }
            $key = $then;
        }

        return $key;
    }
}
