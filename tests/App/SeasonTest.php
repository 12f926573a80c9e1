<?php

declare(strict_types=1);

namespace Tests\App;

use App\Looks\Author;
use App\Looks\EditLook;
use App\Models\Release;
use App\Publishing\PublishLook;

/** Seasons in the public shop and in the preview's clock. */
final class SeasonTest extends AppTestCase
{
    private const AT = '2031-03-09 07:00:00';

    /** A season that begins in the hour the clocks of New York skip: 2:00 on 9 March 2031 is 7:00 UTC. */
    private function publishSeason(): Release
    {
        $this->travelTo('2031-03-01 12:00:00');
        $look = $this->look();
        app(EditLook::class)($look, [
            'seasons' => 'season-9', 'season.season-9.name' => 'Thaw', 'season.season-9.starts' => '2031-03-09T02:00',
            'season.season-9.ends' => '2031-03-09T05:00',
            'season.season-9.heading' => 'The ice is going out', 'season.season-9.announcement' => 'Ice sale',
            'season.season-9.picture' => 'lead-thaw',
            'season.season-9.from' => 'daylight', 'season.season-9.to' => 'kiln',
        ], $look->head, new Author('Maren'));

        return app(PublishLook::class)($this->look(), 'Maren', 'The thaw does not wait.');
    }

    public function testThePublicShopChangesOverByItselfAtTheMinute(): void
    {
        $this->publishSeason();
        foreach ([
            '2031-03-09 06:59:59' => false, self::AT => true, '2031-03-09 08:59:59' => true, '2031-03-09 09:00:00' => false,
        ] as $moment => $runs) {
            $this->travelTo($moment);
            $page = $this->get(self::SHOP.'/')->assertOk();
            self::assertSame($runs, str_contains((string) $page->getContent(), 'The ice is going out'), $moment);
            self::assertSame($runs, str_contains((string) $page->getContent(), 'Ice sale'), $moment);
            self::assertSame($runs, str_contains((string) $page->getContent(), 'lead-thaw-1280.webp'), $moment);
            self::assertSame($runs, str_contains((string) $page->getContent(), '<body class="wear scheme-kiln"'), $moment);
        }
        $this->get(self::SHOP.'/category/candles')->assertOk()->assertDontSee('Ice sale');
    }

    public function testFinishedPagesChangeOverToo(): void
    {
        $release = $this->publishSeason();
        self::assertSame(['', 'season-9', ''], array_column($release->timeline, 1));
        $before = $this->travelToAndGet('2031-03-09 06:59:59');
        $during = $this->travelToAndGet(self::AT);
        self::assertNotSame($before, $during);
        self::assertSame($before, $this->travelToAndGet('2031-03-09 06:59:59'), 'each state has a place of its own');
        self::assertSame($during, $this->travelToAndGet(self::AT));
    }

    public function testASeasonNeverTouchesTheLookBelowIt(): void
    {
        $this->publishSeason();
        $before = $this->look()->ownChanges()->own;
        $this->travelTo(self::AT);
        $this->get(self::SHOP.'/');
        $look = $this->look();
        app(EditLook::class)($look, ['season.season-9.on' => false], $look->head, new Author('Maren'));
        $after = $this->look()->ownChanges()->own;
        unset($after['season.season-9.on']);
        self::assertSame($before, $after);
        self::assertSame('Light for the long evenings', $after['band.lead-1.heading']);
    }

    public function testTheClockOfTheWorkbenchShowsTheShopAsItWillBe(): void
    {
        $this->publishSeason();
        $this->actingAs($this->person('ines'));
        $preview = fn(string $moment): string => (string) $this
            ->get("/preview/{$this->look()->id}/$moment".self::SHOP.'/')
            ->assertOk()
            ->getContent();
        self::assertStringContainsString('The ice is going out', $preview('20310309-0430'));
        self::assertStringNotContainsString('The ice is going out', $preview('20310309-0500'));
        self::assertStringNotContainsString('The ice is going out', $preview('now'));
        foreach (['20310229-0430', '20310309-2500', 'later', '2031'] as $bad) {
            $this->get("/preview/{$this->look()->id}/$bad".self::SHOP.'/')->assertNotFound();
        }
        $this->get("/workbench/looks/{$this->look()->id}/moment?at=20310309-0430")->assertJson(['words' => 'Thaw runs']);
        $this->get("/workbench/looks/{$this->look()->id}/moment?at=20310209-0430")->assertJson(['words' => 'no season runs']);
        $this->get("/workbench/looks/{$this->look()->id}/moment?at=x")->assertJson(['words' => 'That is not a day and time.']);
    }

    public function testTheFrontDoorKnowsWhatRuns(): void
    {
        $door = static fn(int $time): string => (string) shell_exec(PHP_BINARY.' '.escapeshellarg(__DIR__.'/front-door.php').' '.$time);
        // Nothing of this season is committed, so the door speaks of the demo's own release: finished pages of one state only.
        $live = $this->storefront()->liveRelease;
        $this->get(self::SHOP.'/page/returns')->assertOk();
        self::assertStringContainsString('Returns', $door(now()->getTimestamp()), 'a finished page is answered');
        $starts = array_column(array_filter($live->timeline, static fn(array $t): bool => $t[1] !== ''), 0)[0];
        self::assertSame('framework', $door($starts), 'a page of another season is not');
        self::assertStringContainsString('Returns', $door($starts - 1));
    }

    private function travelToAndGet(string $moment): string
    {
        $this->travelTo($moment);

        return (string) $this->get(self::SHOP.'/')->getContent();
    }
}
