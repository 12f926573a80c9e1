<?php

declare(strict_types=1);

namespace Tests\App;

use Ikat\Core\Setting\Item;

/** The tape says what is so: where a change shows, where something is gone from, and when it can be seen. */
final class TapeTest extends AppTestCase
{
    private function tape(string $html): string
    {
        preg_match('#<div[^>]* id="tape-reach">(.*?)</div>#s', $html, $m);

        return trim((string) preg_replace('/\s+/', ' ', strip_tags($m[1])));
    }

    private function told(string $path, mixed $value): string
    {
        return $this->tape((string) $this->edit(['path' => $path, 'value' => $value])->assertOk()->getContent());
    }

    public function testWhatIsHiddenIsGoneFromWhereItStood(): void
    {
        $newsletter = Item::named('band', 'newsletter-1');
        $told = $this->told($newsletter->path('show'), 'off');
        self::assertMatchesRegularExpression('/gone from \d+ places? on 1 page Home \d/', $told);
        self::assertStringNotContainsString('Nothing visible', $told);
        self::assertMatchesRegularExpression('/\d+ places? on 1 page/', $this->told($newsletter->path('show'), 'on'));
        // What is empty and was empty changes nothing.
        self::assertStringContainsString(
            'Nothing visible changed',
            $this->told('band.lead-1.kicker', '').$this->told('header.logo.alt', 'The lantern'),
        );
    }

    public function testTheDarkSetIsSeenInDarkSurroundings(): void
    {
        self::assertMatchesRegularExpression('/[1-9]\d+ places on \d+ pages in dark surroundings/', $this->told('dark.on', 'on'));
        self::assertMatchesRegularExpression(
            '/\d+ places? on \d+ pages in dark surroundings/',
            $this->told('dark.daylight.heading', '#f0e0c0'),
        );
        self::assertMatchesRegularExpression('/\d+ places on \d+ pages in dark surroundings/', $this->told('dark.on', 'off'));
    }

    public function testASeasonsWordsShowWhereTheyStandInForOthers(): void
    {
        $this->edit(['changes' => json_encode(['seasons' => 'season-7', 'season.season-7.name' => 'Thaw'])])->assertOk();
        self::assertMatchesRegularExpression(
            '/1 place on 1 page while the season runs/',
            $this->told('season.season-7.heading', 'The ice is going out'),
        );
        self::assertMatchesRegularExpression(
            '/\d+ places? on \d+ pages while the season runs/',
            $this->told('season.season-7.announcement', 'Ice sale'),
        );
        self::assertMatchesRegularExpression(
            '/gone from 1 place on 1 page, seen while the season runs/',
            $this->told('season.season-7.heading', ''),
        );
        self::assertStringContainsString(
            'its season is off',
            $this->told('season.season-7.on', 'off').$this->told('season.season-7.words', 'Soon'),
        );
    }

    public function testTheTapeCountsWhatItsBadgeCounts(): void
    {
        // Kiln is worn by no part: what is faint there is worth knowing, and is not in Daylight.
        $this->edit(['path' => 'scheme.kiln.link', 'value' => '#b4430a'])->assertOk();
        $html = (string) $this->actingAs($this->person('maren'))->get('/workbench/looks/1/colors')->assertOk()->getContent();
        preg_match('#/colors"\s+.*?<b>(\d+)</b>#s', substr($html, (int) strpos($html, 'id="steps"')), $badge);
        preg_match('#<b>Findings in Colors</b>(.*?)</summary>#s', $html, $here);
        preg_match_all('/\d+/', strip_tags((string) preg_replace('#<span class="findings-note.*?</span>#', '', $here[1])), $counts);
        self::assertSame((int) $badge[1], array_sum(array_map(intval(...), $counts[0])));
        self::assertStringContainsString('none in Daylight', $here[1]);
    }

    /** A pair that only a season brings stops a publish, so it is mended with the others. */
    public function testMendAllMendsWhatOnlyASeasonBrings(): void
    {
        $this->edit(['changes' => json_encode([
            'seasons' => 'season-7', 'season.season-7.name' => 'Thaw', 'season.season-7.from' => 'daylight', 'season.season-7.to' => 'kiln',
            'scheme.kiln.price' => '#b0502a',
        ])])
            ->assertOk();
        $inspection = app(\App\Inspection\Inspector::class)->inspect($this->look()->load('storefront.store'));
        $stops = static fn(\Ikat\Core\Check\Inspection $i): array => array_filter(
            \Ikat\Core\Check\Checks::run($i),
            static fn($f): bool => $f->severity() === \Ikat\Core\Check\Severity::Stops,
        );
        self::assertNotSame([], $stops($inspection));
        $plan = \Ikat\Core\Contrast\RepairAll::of($inspection);
        self::assertArrayHasKey('scheme.kiln.price', $plan->changes);
        $page = (string) $this->get('/workbench/looks/1/colors?open_part=pairs')->assertOk()->getContent();
        self::assertStringContainsString('a season brings it', $page);
        $this->edit(['changes' => json_encode($plan->changes)])->assertOk();
        self::assertSame([], $stops(app(\App\Inspection\Inspector::class)->inspect($this->look()->load('storefront.store'))));
    }
}
