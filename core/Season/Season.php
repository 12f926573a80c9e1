<?php

declare(strict_types=1);

namespace Ikat\Core\Season;

/** A time-bound set of swaps. It begins at its start and is over at its end: the end itself no longer belongs to it. */
final readonly class Season
{
    /**
     * @param string $item its name in the list: season-1
     * @param ?string $starts on the store's clock, 2027-02-28T18:00; null: it has always run
     * @param ?string $ends null: it runs on
     * @param array<string, bool|float|string> $swaps path => value
     */
    public function __construct(
        public string $item,
        public string $name,
        public ?string $starts,
        public ?string $ends,
        public bool $yearly,
        public array $swaps,
        private \DateTimeZone $zone,
    ) {}

    public function runsAt(\DateTimeImmutable $moment): bool
    {
        if ($this->starts === null && $this->ends === null) {
            return false;
        }
        foreach ($this->yearsAround($moment) as $years) {
            [$from, $to] = $this->span($years);
            if (($from === null || $from <= $moment) && ($to === null || $moment < $to)) {
                return true;
            }
        }

        return false;
    }

    /**
     * When it comes and goes.
     *
     * @return list<\DateTimeImmutable> in UTC, from the first year up to and with the year given
     */
    public function changeOvers(int $lastYear): array
    {
        $moments = [];
        $first = (int) substr($this->starts ?? $this->ends ?? (string) $lastYear, 0, 4);
        foreach (range(0, $this->yearly ? max(0, $lastYear - $first) : 0) as $years) {
            $moments = [...$moments, ...array_values(array_filter($this->span($years)))];
        }

        return $moments;
    }

    /**
     * Its times that touch a stretch of the store's calendar, on the store's clock.
     *
     * @param string $from 2027-02-28T18:00
     * @param string $until not later than the year 9999
     *
     * @return list<array{starts: ?string, ends: ?string, years: int}> in order; years after its first time
     */
    public function timesWithin(string $from, string $until): array
    {
        $first = (int) substr($this->starts ?? $this->ends ?? $from, 0, 4);
        $comesBack = $this->yearly && $this->starts !== null && $this->ends !== null;
        $times = [];
        foreach (range(0, $comesBack ? max(0, (int) substr($until, 0, 4) - $first) : 0) as $years) {
            $starts = $this->starts === null ? null : LocalMoment::yearsLater($this->starts, $years);
            $ends = $this->ends === null ? null : LocalMoment::yearsLater($this->ends, $years);
            if (($starts ?? $from) < $until && ($ends ?? $until) > $from && ($starts ?? '') <= ($ends ?? $until)) {
                $times[] = ['starts' => $starts, 'ends' => $ends, 'years' => $years];
            }
        }

        return $times;
    }

    /**
     * A moment at which it runs, to look at it: this one if it does, or soon after it comes next, or else after it came last.
     *
     * @return ?\DateTimeImmutable null for a season without a start, which is over
     */
    public function momentInside(\DateTimeImmutable $now): ?\DateTimeImmutable
    {
        if ($this->runsAt($now)) {
            return $now;
        }
        $last = null;
        $years = (int) $now->setTimezone($this->zone)->format('Y') - (int) substr($this->starts ?? '', 0, 4);
        foreach ($this->yearly && $this->starts !== null && $this->ends !== null ? range(0, max(0, $years) + 1) : [0] as $year) {
            [$from, $to] = $this->span($year);
            if ($from === null) {
                return null;
            }
            $length = $to === null ? 2 * self::SOON : max(0, $to->getTimestamp() - $from->getTimestamp());
            $last = $from->modify('+'.min(self::SOON, intdiv($length, 2)).' seconds');
            if ($from > $now) {
                return $last;
            }
        }

        return $last;
    }

    /** Seconds after its start at which a season is looked at. */
    private const SOON = 3600;

    /** @return array{?\DateTimeImmutable, ?\DateTimeImmutable} start and end in UTC */
    private function span(int $years): array
    {
        return [
            $this->starts === null ? null : LocalMoment::at(LocalMoment::yearsLater($this->starts, $years), $this->zone),
            $this->ends === null ? null : LocalMoment::at(LocalMoment::yearsLater($this->ends, $years), $this->zone),
        ];
    }

    /** @return list<int> how many years after its first time it could be running */
    private function yearsAround(\DateTimeImmutable $moment): array
    {
        // Without both ends a season never stops or never began, so there is nothing to come back.
        if (! $this->yearly || $this->starts === null || $this->ends === null) {
            return [0];
        }
        $years = (int) $moment->setTimezone($this->zone)->format('Y') - (int) substr($this->starts, 0, 4);

        return array_values(array_filter([$years - 1, $years], static fn(int $y): bool => $y >= 0));
    }
}
