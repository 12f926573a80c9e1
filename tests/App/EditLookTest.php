<?php

declare(strict_types=1);

namespace Tests\App;

use App\Looks\Author;
use App\Looks\EditLook;
use App\Looks\LookReader;
use App\Looks\StepThroughJournal;
use App\Models\Look;
use Ikat\Core\Look\AliasCycle;
use Ikat\Core\Look\LookState;
use Ikat\Core\Look\StaleEdit;
use Ikat\Core\Setting\LookException;

final class EditLookTest extends AppTestCase
{
    public function testAnEditIsKeptAndUndoneAndRedone(): void
    {
        $look = $this->look();
        $before = $look->state;
        $journal = app(StepThroughJournal::class);
        app(EditLook::class)(
            $look,
            ['brand.main' => 'rgb(10 20 30)', 'header.logo.size.desktop' => '44'],
            $look->head,
            new Author('Maren'),
        );
        self::assertSame('#0a141e', $this->look()->ownChanges()->own['brand.main']);
        $after = $look->state;
        $journal->undo($look, new Author('Maren'));
        self::assertSame($before, $this->look()->state);
        $journal->redo($look, new Author('Maren'));
        self::assertSame($after, $this->look()->state);
        self::assertSame(['edit', 'undo', 'redo'], $look->edits()->orderBy('sequence')->pluck('kind')->slice(-3)->values()->all());
    }

    public function testTheStoredStateIsWhatTheJournalAddsUpTo(): void
    {
        $look = $this->look();
        foreach (['#111111', '#222222', '#333333'] as $color) {
            app(EditLook::class)($look, ['brand.warm' => $color], $look->head, new Author('Maren'));
        }
        app(StepThroughJournal::class)->reopen($look, $look->head - 1, new Author('Maren'));
        self::assertSame('#222222', $look->ownChanges()->own['brand.warm']);
        self::assertSame($look->state, $this->replayed($look)->bytes(), 'the journal alone leads there');
        app(StepThroughJournal::class)->reopen($look, 0, new Author('Maren'));
        self::assertSame('{}', $look->state);
        app(StepThroughJournal::class)->undo($look, new Author('Maren'));
        self::assertSame('#222222', $look->ownChanges()->own['brand.warm']);
    }

    private function replayed(Look $look): LookState
    {
        $state = LookState::of([]);
        foreach ($look->edits()->orderBy('sequence')->get() as $edit) {
            $state = $state->with($edit->entry()->changes);
        }

        return $state;
    }

    public function testNothingIsStoredWhenAnythingIsWrong(): void
    {
        $look = $this->look();
        $head = $look->head;
        foreach ([
            ['brand.main' => '#111', 'brand.warm' => 'nope'],
            ['nothing.here' => '1'],
            ['brand.main' => '{brand.accent}', 'brand.accent' => '{brand.main}'],
        ] as $wanted) {
            try {
                app(EditLook::class)($look, $wanted, $look->head, new Author('Maren'));
                self::fail('It was kept.');
            } catch (LookException $e) {
                self::assertNotSame('', $e->getMessage());
            }
        }
        self::assertSame($head, $this->look()->head);
        $this->expectException(AliasCycle::class);
        app(EditLook::class)($look, ['scheme.night.ink' => '{scheme.night.ink}'], $look->head, new Author('Maren'));
    }

    public function testALateWriteIsRefusedWithBothValuesShown(): void
    {
        $seen = $this->look()->head;
        $this->edit(['path' => 'brand.main', 'value' => '#101010'], 'tobias')->assertOk();
        $answer = $this->edit(['path' => 'brand.main', 'value' => '#202020', 'seen' => $seen]);
        $answer->assertStatus(409)->assertSee('#101010')->assertSee('#202020')->assertSee('Tobias');
        self::assertSame('#101010', $this->look()->ownChanges()->own['brand.main']);
        $this->edit(['path' => 'brand.warm', 'value' => '#303030', 'seen' => $seen])->assertOk();
        $this->expectException(StaleEdit::class);
        app(EditLook::class)($this->look(), ['brand.main' => '#404040'], $seen, new Author('Maren'));
    }

    public function testBadInputSaysWhatToDo(): void
    {
        $this->edit(['path' => 'brand.main', 'value' => 'blurple'])
            ->assertStatus(422)
            ->assertSee('"blurple" is not a color', false)
            ->assertSee('oklch()', false);
        $this->edit(['path' => 'header.logo.size.desktop', 'value' => '999'])->assertStatus(422)->assertSee('from 16 to 96 px');
        $this->edit(['path' => 'no.such', 'value' => '1'])->assertStatus(422)->assertSee('There is no setting');
    }

    public function testTheAnswerCarriesTheFindingTheReachAndTheSheet(): void
    {
        $answer = $this->edit(['path' => 'scheme.daylight.reduced', 'value' => '#e8894f', 'open_scheme' => 'daylight', 'step' => 'colors']);
        $answer
            ->assertOk()
            ->assertSee('Reduced price on background')
            ->assertSee('2.3 : 1, needs 4.5')
            ->assertSee('places on')
            ->assertSee('hx-swap-oob', false);
        $event = self::told($answer)['ikat:edited'];
        self::assertFalse($event['reload']);
        $this->get($event['sheet'])
            ->assertOk()
            ->assertHeader('Content-Type', 'text/css; charset=UTF-8')
            ->assertSee('--scheme-daylight-reduced:#e8894f', false);
        self::assertArrayHasKey('home', $event['places']);
    }

    public function testWhatShowsNowhereSaysWhy(): void
    {
        $this->edit(['path' => 'scheme.kiln.ink', 'value' => '#ffffff'])
            ->assertSee('Nothing visible changed: no part of the shop has this color scheme.');
        $this->edit(['path' => 'utility.show', 'value' => 'off'])->assertOk();
        $this->edit(['path' => 'utility.words.text', 'value' => 'hello'])->assertSee('hidden: it shows when');
    }

    public function testPuttingASettingBackRemovesTheChange(): void
    {
        $this->edit(['path' => 'brand.main', 'value' => '#101010']);
        $this->edit(['path' => 'brand.main', 'original' => '1'])->assertOk();
        self::assertArrayNotHasKey('brand.main', $this->look()->ownChanges()->own);
        self::assertSame('#2c2b76', app(LookReader::class)->of($this->look())->resolved()->value('brand.main'));
    }

    /** @return array<string, array<string, mixed>> what an answer tells the page */
    private static function told(\Illuminate\Testing\TestResponse $answer): array
    {
        self::assertSame(1, preg_match('#<script type="application/json" data-tells>(.*?)</script>#s', (string) $answer->getContent(), $m));

        return json_decode($m[1], true, 16, JSON_THROW_ON_ERROR);
    }

    /** Stock web servers take headers of 4 kB: what an edit tells of its places stands in the body. */
    public function testNoAnswerHasLongHeaders(): void
    {
        foreach (['brand.main' => '#123456', 'brand.paper' => '#fffffe', 'type.base' => '18'] as $path => $value) {
            $answer = $this->edit(['path' => $path, 'value' => $value])->assertOk();
            self::assertLessThan(3000, strlen((string) $answer->headers));
        }
    }

    /** An answer that cannot be made is refused before the edit, not after it was kept. */
    public function testAnEditWhoseStepCannotBeReadIsNotBegun(): void
    {
        $head = $this->look()->head;
        foreach ([
            ['step' => ['colors']], ['step' => 'colors', 'open_scheme' => ['x']], ['shown' => str_repeat('x', 2500)], ['held' => ['x']],
        ] as $state) {
            $this->edit(['path' => 'brand.warm', 'value' => '#8a2f06', ...$state])->assertStatus(422);
        }
        self::assertSame($head, $this->look()->head);
    }

    public function testAnAnswerLeavesOutWhatTheBenchHasAndNothingElse(): void
    {
        $open = ['step' => 'colors', 'open_scheme' => 'daylight', 'open_path' => 'brand.warm', 'open_part' => 'brand'];
        $page = (string) $this->actingAs($this->person('maren'))->get('/workbench/looks/1/colors?'.http_build_query($open))->getContent();
        preg_match_all('/id="tool-([\w-]+)" data-digest="([0-9a-f]{16})"/', $page, $found, PREG_SET_ORDER);
        self::assertSame(['t-brand', 't-picker', 't-departures', 't-ready'], array_column($found, 1));
        $held = implode(' ', array_map(static fn(array $m): string => "$m[1]:$m[2]", $found));
        $sections = static function (string $html): array {
            preg_match_all('/<section[^>]* id="tool-([\w-]+)"( data-held)?/', $html, $m, PREG_SET_ORDER);

            return array_column(array_map(static fn(array $s): array => [$s[1], isset($s[2])], $m), 1, 0);
        };

        $all = (string) $this->edit(['path' => 'brand.warm', 'value' => '#8a2f06', ...$open])->assertOk()->getContent();
        self::assertNotContains(true, $sections($all));
        $this->post('/workbench/looks/1/undo', ['seen' => $this->look()->head, ...$open], ['HX-Request' => 'true'])->assertOk();
        $some = (string) $this->edit(['path' => 'brand.warm', 'value' => '#8a2f06', 'held' => $held, ...$open])->assertOk()->getContent();
        self::assertSame(['t-brand' => false, 't-picker' => false, 't-departures' => true, 't-ready' => true], $sections($some));
        self::assertLessThan(strlen($all), strlen($some));
        // What the bench says it has and has not, it is sent.
        $other = (string) $this->edit([
            'path' => 'brand.warm', 'value' => '#8a2f07', 'held' => str_replace('t-ready:', 't-ready:0', $held), ...$open,
        ])->getContent();
        self::assertFalse($sections($other)['t-ready']);
    }

    public function testANumberIsNoSetting(): void
    {
        $this->edit(['path' => '-1', 'value' => 'x'])->assertStatus(422)->assertSee('There is no setting');
        $this->edit(['changes' => '{"7": "x", "brand.warm": "#8a2f06"}'])->assertStatus(422)->assertSee('There is no setting');
    }
}
