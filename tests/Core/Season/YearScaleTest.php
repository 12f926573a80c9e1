<?php

declare(strict_types=1);

namespace Tests\Core\Season;

use Ikat\Core\Season\Season;
use Ikat\Core\Season\UnreadableMoment;
use Ikat\Core\Season\YearScale;
use PHPUnit\Framework\TestCase;

final class YearScaleTest extends TestCase
{
    public function testAMomentStandsWhereItsShareOfTheStretchIs(): void
    {
        // 2027 has 365 days: a px each, so the distance is the number of days (counted by hand).
        $year = new YearScale('2027-01', 12, 100, 365);
        self::assertSame(1.0, $year->day());
        self::assertSame(100.0, $year->at('2027-01-01T00:00'));
        self::assertSame(100.0 + 31 + 28, $year->at('2027-03-01T00:00'));
        self::assertSame(100.0 + 180.5, $year->at('2027-06-30T12:00'));
        self::assertSame(100.0, $year->at('2020-01-01T00:00'), 'what is before stands at the beginning');
        self::assertSame(465.0, $year->at('2029-01-01T00:00'));
        self::assertTrue($year->isWithin('2027-12-31T23:59'));
        self::assertFalse($year->isWithin('2028-01-01T00:00'), 'the end belongs to the next');
    }

    public function testTheStretchIsMeasuredInMonths(): void
    {
        self::assertSame('2027-02', YearScale::monthsLater('2026-11', 3));
        self::assertSame('2025-12', YearScale::monthsLater('2026-11', -11));
        self::assertSame('2029-02-01T00:00', (new YearScale('2028-02', 12, 0, 1))->until());
        self::assertSame('2028-03-01T00:00', (new YearScale('2028-02', 1, 0, 29))->until());
        self::assertSame(1.0, (new YearScale('2028-02', 1, 0, 29))->day(), '2028 is a leap year');
    }

    public function testAShorterStretchHasFinerTicks(): void
    {
        self::assertCount(12, (new YearScale('2027-01', 12, 0, 100))->ticks());
        self::assertCount(10, (new YearScale('2027-01', 60, 0, 100))->ticks(), 'two a year');
        self::assertCount(31, (new YearScale('2027-01', 1, 0, 100))->ticks());
        $weeks = (new YearScale('2027-01', 3, 0, 100))->ticks();
        self::assertSame('2027-01-04T00:00', $weeks[1]['moment'] ?? '', 'a Monday');
        self::assertSame([true, false], [$weeks[0]['isMonth'], $weeks[1]['isMonth']]);
    }

    public function testRefusesAMonthItCannotRead(): void
    {
        $this->expectException(UnreadableMoment::class);
        new YearScale('next', 12, 0, 100);
    }

    /** Times of a season that touch a stretch of the calendar. */
    public function testTellsWhenASeasonRunsWithinAStretch(): void
    {
        $zone = new \DateTimeZone('America/New_York');
        $winter = new Season('season-1', 'Winter', '2026-12-20T00:00', '2027-01-06T00:00', true, [], $zone);
        self::assertSame(
            [
                ['starts' => '2026-12-20T00:00', 'ends' => '2027-01-06T00:00', 'years' => 0],
                ['starts' => '2027-12-20T00:00', 'ends' => '2028-01-06T00:00', 'years' => 1],
            ],
            $winter->timesWithin('2027-01-01T00:00', '2028-01-01T00:00'),
        );
        self::assertSame([], $winter->timesWithin('2027-02-01T00:00', '2027-03-01T00:00'));
        $once = new Season('season-2', 'Once', '2026-12-20T00:00', null, false, [], $zone);
        self::assertSame(
            [['starts' => '2026-12-20T00:00', 'ends' => null, 'years' => 0]],
            $once->timesWithin('2030-01-01T00:00', '2031-01-01T00:00'),
        );
        $wrong = new Season('season-3', 'Wrong way round', '2027-05-01T00:00', '2027-04-01T00:00', false, [], $zone);
        self::assertSame([], $wrong->timesWithin('2027-01-01T00:00', '2028-01-01T00:00'));
    }
}
