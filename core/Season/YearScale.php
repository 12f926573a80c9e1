<?php

declare(strict_types=1);

namespace Ikat\Core\Season;

/**
 * A stretch of the store's calendar laid along a line: where a moment of the store's clock stands on it. Moments are written
 * 2027-02-28T18:00.
 */
final readonly class YearScale
{
    private const DAY = 86400;

    private int $first;

    private int $last;

    /**
     * @param string $month its first month: 2027-02
     * @param int $months how many, from 1 to 60
     * @param float $left px where it begins
     * @param float $width px
     *
     * @throws UnreadableMoment when the month is written otherwise
     */
    public function __construct(public string $month, public int $months, public float $left, public float $width)
    {
        $this->first = self::seconds("$month-01T00:00");
        $this->last = self::seconds(self::monthsLater($month, $months).'-01T00:00');
    }

    public function from(): string
    {
        return "$this->month-01T00:00";
    }

    public function until(): string
    {
        return self::monthsLater($this->month, $this->months).'-01T00:00';
    }

    /** Px of one day. */
    public function day(): float
    {
        return $this->width * self::DAY / ($this->last - $this->first);
    }

    public function isWithin(string $moment): bool
    {
        return $moment >= $this->from() && $moment < $this->until();
    }

    /** @return float px; what lies outside stands at the end it is beyond */
    public function at(string $moment): float
    {
        $share = (self::seconds($moment) - $this->first) / ($this->last - $this->first);

        return round($this->left + $this->width * max(0, min(1, $share)), 1);
    }

    /**
     * What is written along it: months of a year or more, else the days on which weeks begin, else every day.
     *
     * @return list<array{moment: string, isMonth: bool}>
     */
    public function ticks(): array
    {
        $ticks = [];
        for ($day = self::utc($this->from()); $day->getTimestamp() < $this->last; $day = $day->modify('+1 day')) {
            $isMonth = $day->format('j') === '1';
            $isShown = match (true) {
                $this->months > 24 => $isMonth && in_array($day->format('n'), ['1', '7'], true),
                $this->months > 3 => $isMonth,
                $this->months > 1 => $isMonth || $day->format('N') === '1',
                default => true,
            };
            if ($isShown) {
                $ticks[] = ['moment' => $day->format('Y-m-d\TH:i'), 'isMonth' => $isMonth];
            }
        }

        return $ticks;
    }

    /**
     * @param string $month 2027-02
     *
     * @return string the month some months later, or before
     */
    public static function monthsLater(string $month, int $months): string
    {
        $count = 12 * (int) substr($month, 0, 4) + (int) substr($month, 5, 2) - 1 + $months;

        return sprintf('%04d-%02d', intdiv($count, 12), $count % 12 + 1);
    }

    /** The clock's figures as seconds: hours that a zone skips or repeats are as long as any other. */
    private static function seconds(string $moment): int
    {
        return self::utc($moment)->getTimestamp();
    }

    private static function utc(string $moment): \DateTimeImmutable
    {
        return LocalMoment::at($moment, new \DateTimeZone('UTC'));
    }
}
