<?php

declare(strict_types=1);

namespace Tests\Core\Season;

use Ikat\Core\Look\LayerKind;
use Ikat\Core\Season\LocalMoment;
use Ikat\Core\Season\SeasonCalendar;
use Ikat\Core\Season\UnreadableMoment;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Fixtures;

final class SeasonCalendarTest extends TestCase
{
    private const ZONE = 'America/New_York';

    /** @param array<string, bool|float|string> $own */
    private function calendar(array $own, string $zone = self::ZONE): SeasonCalendar
    {
        return SeasonCalendar::of(
            Fixtures::look(['seasons' => 'season-1,season-2', 'season.season-2.on' => false, ...$own]),
            new \DateTimeZone($zone),
        );
    }

    private static function utc(string $moment): \DateTimeImmutable
    {
        return new \DateTimeImmutable($moment, new \DateTimeZone('UTC'));
    }

    public function testAMessageIsAwayOutsideItsTimeAndASeasonBringsItBack(): void
    {
        $own = [
            'announcement.messages' => 'message-1', 'message.message-1.starts' => '2027-03-01T09:00',
            'message.message-1.ends' => '2027-03-03T09:00',
            'season.season-1.starts' => '2027-03-10T00:00', 'season.season-1.ends' => '2027-03-12T00:00',
            'season.season-1.announcement' => 'Lantern Night',
        ];
        $calendar = $this->calendar($own);
        $shows = fn(string $at): bool|float|string|null => array_merge(
            ...array_map(static fn($layer): array => $layer->values, $calendar->layersAt(self::utc($at))) ?: [[]],
        )['message.message-1.show'] ?? null;
        self::assertFalse($shows('2027-03-01T13:59'), 'nine in New York is fourteen in UTC');
        self::assertNull($shows('2027-03-01T14:00'));
        self::assertNull($shows('2027-03-03T13:59'));
        self::assertFalse($shows('2027-03-03T14:00'));
        self::assertTrue($shows('2027-03-11T12:00'));
        self::assertSame([], $this->calendar([...$own, 'season.season-1.on' => false])->runningAt(self::utc('2027-03-11T12:00')));
        self::assertCount(5, $calendar->timeline(self::utc('2027-02-01T00:00'), 1));
    }

    /**
     * Clock changes of 2027 in New York: 14 March 2:00 and 7 November 2:00 (IANA time zone database). What a moment that is
     * skipped or comes twice means: RFC 5545, 3.3.5.
     */
    #[DataProvider('moments')]
    public function testReadsTheStoresClock(string $written, string $utc, string $zone): void
    {
        self::assertSame($utc, LocalMoment::at($written, new \DateTimeZone($zone))->format('Y-m-d\TH:i\Z'));
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function moments(): iterable
    {
        yield 'winter' => ['2027-02-28T18:00', '2027-02-28T23:00Z', self::ZONE];
        yield 'summer' => ['2027-07-04T18:00', '2027-07-04T22:00Z', self::ZONE];
        yield 'skipped in spring' => ['2027-03-14T02:30', '2027-03-14T07:30Z', self::ZONE];
        yield 'twice in autumn means the first' => ['2027-11-07T01:30', '2027-11-07T05:30Z', self::ZONE];
        yield 'half an hour off' => ['2027-01-01T00:00', '2026-12-31T18:30Z', 'Asia/Kolkata'];
        yield '29 February' => ['2028-02-29T00:00', '2028-02-29T05:00Z', self::ZONE];
    }

    public function testAMomentWrittenOtherwiseIsRefused(): void
    {
        $this->expectException(UnreadableMoment::class);
        LocalMoment::at('tomorrow', new \DateTimeZone('UTC'));
    }

    public function testRunsFromItsStartUntilItsEndToTheMinute(): void
    {
        $calendar = $this->calendar([
            'season.season-1.starts' => '2027-03-14T01:00',
            'season.season-1.ends' => '2027-03-14T04:00',
            'season.season-1.heading' => 'Thaw',
        ]);
        // Across the clock change the three hours on the wall are two on the sun.
        foreach (['05:59' => false, '06:00' => true, '07:59' => true, '08:00' => false] as $time => $runs) {
            self::assertSame($runs ? 'season-1' : '', $calendar->keyAt(self::utc("2027-03-14 $time")), $time);
        }
    }

    public function testASeasonOfTheLeapDayComesBackOnTheLastDayOfFebruary(): void
    {
        self::assertSame('2029-02-28T09:00', LocalMoment::yearsLater('2028-02-29T09:00', 1));
        self::assertSame('2032-02-29T09:00', LocalMoment::yearsLater('2028-02-29T09:00', 4));
        $calendar = $this->calendar([
            'season.season-1.starts' => '2028-02-29T00:00', 'season.season-1.ends' => '2028-03-01T00:00', 'season.season-1.yearly' => true,
            'season.season-1.heading' => 'Leap',
        ]);
        foreach ([
            '2028-02-29 12:00' => 'season-1', '2028-03-01 06:00' => '', '2029-02-28 12:00' => 'season-1', '2029-03-01 06:00' => '',
            '2032-02-28 12:00' => '', '2032-02-29 12:00' => 'season-1', '2027-02-28 12:00' => '',
        ] as $moment => $key) {
            self::assertSame($key, $calendar->keyAt(self::utc($moment)), $moment);
        }
    }

    public function testASeasonOverTheTurnOfTheYearComesBack(): void
    {
        $calendar = $this->calendar([
            'season.season-1.starts' => '2026-12-20T00:00', 'season.season-1.ends' => '2027-01-06T00:00', 'season.season-1.yearly' => true,
            'season.season-1.heading' => 'Lights',
        ]);
        foreach ([
            '2026-01-03 12:00' => '', '2026-12-25 12:00' => 'season-1', '2027-01-03 12:00' => 'season-1', '2027-01-07 12:00' => '',
            '2027-12-25 12:00' => 'season-1', '2031-01-03 12:00' => 'season-1',
        ] as $moment => $key) {
            self::assertSame($key, $calendar->keyAt(self::utc($moment)), $moment);
        }
    }

    public function testTheTimelineSaysTheSameAsEveryMomentItself(): void
    {
        $calendar = $this->calendar([
            'season.season-1.starts' => '2026-12-20T06:00', 'season.season-1.ends' => '2027-01-06T00:00', 'season.season-1.yearly' => true,
            'season.season-1.heading' => 'Lights',
            'season.season-2.on' => true, 'season.season-2.starts' => '2026-12-28T00:00', 'season.season-2.ends' => '2027-11-07T01:30',
            'season.season-2.heading' => 'New year',
        ]);
        $from = self::utc('2026-12-01');
        $timeline = $calendar->timeline($from, 3);
        self::assertSame([$from->getTimestamp(), ''], $timeline[0]);
        self::assertContains('season-1+season-2', array_column($timeline, 1));
        for ($hours = 0; $hours < 24 * 800; $hours += 7) {
            $moment = $from->modify("+$hours hours");
            self::assertSame($calendar->keyAt($moment), SeasonCalendar::keyIn($timeline, $moment->getTimestamp()), $moment->format('c'));
        }
    }

    public function testSwapsBannerAnnouncementAndSchemeAndTouchesNothingBelow(): void
    {
        $own = [
            'seasons' => 'season-1', 'season.season-1.starts' => '2027-01-01T00:00', 'season.season-1.heading' => 'Frost',
            'season.season-1.announcement' => 'Closed on Friday', 'season.season-1.from' => 'daylight', 'season.season-1.to' => 'kiln',
            'announcement.show' => false,
        ];
        $base = Fixtures::look($own);
        $before = $base->values();
        [$layer] = SeasonCalendar::of($base, new \DateTimeZone(self::ZONE))->layersAt(self::utc('2027-06-01'));
        self::assertSame(LayerKind::Season, $layer->kind);
        self::assertSame('Frost', $layer->values['band.lead-1.heading']);
        self::assertSame([true, 'Closed on Friday'], [$layer->values['announcement.show'], $layer->values['message.message-1.text']]);
        self::assertSame('kiln', $layer->values['page.scheme']);
        self::assertArrayNotHasKey('footer.scheme', $layer->values, 'it wears another scheme');
        self::assertArrayNotHasKey('band.lead-1.words', $layer->values, 'an empty swap leaves the look as it is');
        self::assertSame($before, $base->values());
    }

    public function testWithoutStartAndEndItNeverRuns(): void
    {
        self::assertSame('', $this->calendar(['season.season-1.heading' => 'x'])->keyAt(self::utc('2027-01-01')));
    }

    public function testItIsLookedAtWhileItRuns(): void
    {
        $inside = fn(array $own, string $now): ?string => $this->calendar(array_combine(
            array_map(static fn(string $key): string => "season.season-1.$key", array_keys($own)),
            $own,
        ))->seasons[0]->momentInside(self::utc($now))?->format('Y-m-d H:i');
        $once = ['starts' => '2027-03-01T09:00', 'ends' => '2027-03-08T00:00'];
        self::assertSame('2027-03-01 15:00', $inside($once, '2027-01-01'), 'an hour after 9:00 in New York');
        self::assertSame('2027-03-03 00:00', $inside($once, '2027-03-03'), 'now, while it runs');
        self::assertSame('2027-03-01 15:00', $inside($once, '2027-06-01'), 'when it ran last');
        self::assertSame('2028-03-01 15:00', $inside([...$once, 'yearly' => true], '2027-06-01'), 'when it comes again');
        self::assertSame(
            '2027-03-01 14:05',
            $inside(['starts' => '2027-03-01T09:00', 'ends' => '2027-03-01T09:10'], '2027-01-01'),
            'a short one',
        );
        self::assertSame('2027-03-01 15:00', $inside(['starts' => '2027-03-01T09:00'], '2027-01-01'), 'one without an end');
        self::assertNull($inside(['ends' => '2027-03-01T09:00'], '2027-06-01'));
    }
}
