<?php

declare(strict_types=1);

namespace Tests\App;

use App\Looks\Author;
use App\Looks\EditLook;
use App\Looks\JournalReader;
use App\Looks\NamePoint;
use App\Looks\StepThroughJournal;
use App\Looks\UnnamedPoint;
use App\Models\Look;
use Illuminate\Support\Facades\DB;

final class JournalTest extends AppTestCase
{
    private function dye(Look $look, string $color, string $who = 'Maren'): void
    {
        app(EditLook::class)($look, ['brand.warm' => $color], $look->head, new Author($who));
    }

    public function testAnyPointIsWhatTheLookWasThen(): void
    {
        $look = $this->look();
        $states = [];
        foreach (['#111111', '#222222', '#333333'] as $color) {
            $this->dye($look, $color);
            $states[$look->head] = $look->state;
        }
        app(StepThroughJournal::class)->undo($look, new Author('Maren'));
        $journal = app(JournalReader::class);
        foreach ($states as $sequence => $bytes) {
            self::assertSame($bytes, $journal->stateAt($look, $sequence)->bytes());
        }
        self::assertSame('{}', $journal->stateAt($look, 0)->bytes());
    }

    public function testTellsWhatWasTakenBack(): void
    {
        $look = $this->look();
        $before = $look->head;
        foreach (['#111111', '#222222', '#333333'] as $color) {
            $this->dye($look, $color);
        }
        $steps = app(StepThroughJournal::class);
        $me = new Author('Maren');
        $undone = fn(): array => array_values(array_map(
            static fn($line): int => $line->sequence - $before,
            array_filter(app(JournalReader::class)->page($this->look(), $this->look()->head, ''), static fn($l): bool => $l->isUndone),
        ));
        $steps->undo($look, $me);
        self::assertSame([3], $undone());
        $steps->redo($look, $me);
        self::assertSame([], $undone());
        $steps->reopen($look, $before + 1, $me);
        self::assertSame([2, 3, 4, 5], $undone(), 'all between the point and the edit that goes back to it');
        $steps->undo($look, $me);
        self::assertSame([6], $undone(), 'with going back taken back, what lay between is in force again');
    }

    public function testIsSearchedAndReadAPageAtATimeWhateverItsLength(): void
    {
        $look = $this->look();
        $this->dye($look, '#111111', 'Tobias');
        $head = $look->head;
        DB::table('edits')->insert(array_map(static fn(int $n): array => [
            'look_id' => $look->id, 'sequence' => $head + $n, 'kind' => 'edit', 'label' => "100% of row $n", 'author' => 'Ines',
            'settings_changed' => '[]', 'created_at' => '2026-11-02 09:00:00', 'below' => $head + $n - 1,
        ], range(1, 400)));
        $look->update(['head' => $head + 400]);
        $journal = app(JournalReader::class);
        DB::enableQueryLog();
        $page = $journal->page($look, $look->head, '');
        self::assertLessThanOrEqual(5, count(DB::getQueryLog()));
        self::assertCount(JournalReader::PAGE, $page);
        self::assertSame($look->head, end($page)->sequence);
        self::assertSame($page[0]->sequence - 1, array_slice($journal->page($look, $page[0]->sequence - 1, ''), -1)[0]->sequence);
        self::assertSame(['Tobias'], array_unique(array_column($journal->page($look, $look->head, 'tobias'), 'author')));
        self::assertSame(400, $journal->count($look, '100% of'), 'a sign of the search is only a letter');
        self::assertSame(0, $journal->count($look, '100_of'));
    }

    public function testAPointIsKeptWithANameByWhoMayEdit(): void
    {
        $look = $this->look();
        $this->dye($look, '#111111');
        $name = app(NamePoint::class);
        $name($look, $look->head, "  Before   Midwinter \n", new Author('Maren'));
        self::assertSame([$look->head => 'Before Midwinter'], $look->keepsakes()->pluck('name', 'sequence')->all());
        $name($look, $look->head, 'Photo day', new Author('Tobias'));
        self::assertSame(['Photo day'], $look->keepsakes()->pluck('name')->all());
        $name($look, $look->head, '', new Author('Maren'));
        self::assertSame([], $look->keepsakes()->pluck('name')->all());

        $this->actingAs($this->person('ines'))->post(
            "/workbench/looks/$look->id/points/name",
            ['sequence' => $look->head, 'name' => 'Mine'],
        )
            ->assertForbidden();
        $this->actingAs($this->person('tobias'))->post(
            "/workbench/looks/$look->id/points/name",
            ['sequence' => $look->head + 9, 'name' => 'Later'],
        )
            ->assertStatus(422)->assertSee('no such point');
        $this->expectException(UnnamedPoint::class);
        $name($look, $look->head + 1, 'Later', new Author('Maren'));
    }

    public function testTheWindowIsGivenBothPointsToCompare(): void
    {
        $look = $this->look();
        $this->dye($look, '#111111');
        $first = $look->head;
        $this->dye($look, '#222222');
        $this->actingAs($this->person('ines'));
        $page = $this->get("/workbench/looks/$look->id/publish?open_point=$first")->assertOk();
        preg_match('/data-points="([^"]*)"/', (string) $page->getContent(), $found);
        $points = json_decode(html_entity_decode($found[1]), true, 8, JSON_THROW_ON_ERROR);
        self::assertSame(["edit $first", 'now'], [$points['then']['words'], $points['now']['words']]);
        self::assertSame('', $points['now']['trial'], 'now is the look as it is');
        // The point is looked at in full: the page of the preview wears the color it had then.
        $then = (string) $this->get("/preview/$look->id/now~{$points['then']['trial']}/shop/wrenfold/")->assertOk()->getContent();
        preg_match('~href="(/[^"]*look-[0-9a-f]+\.css)"~', $then, $sheet);
        self::assertStringContainsString('#111111', $this->get($sheet[1])->assertOk()->getContent() ?: '');
        foreach (['-1', 'x', '99999999999'] as $wrong) {
            $this->get("/workbench/looks/$look->id/publish?open_point=$wrong")->assertOk()->assertDontSee('data-points', false);
        }
    }
}
