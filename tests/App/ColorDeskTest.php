<?php

declare(strict_types=1);

namespace Tests\App;

use App\Inspection\Inspector;
use App\Looks\LookReader;
use Ikat\Core\Check\Checks;
use Ikat\Core\Check\Finding;
use Ikat\Core\Check\Inspection;
use Ikat\Core\Compile\CompiledLook;
use Ikat\Core\Contrast\ContrastFinding;
use Ikat\Core\Contrast\HeaderBackdrop;
use Ikat\Core\Contrast\SchemeColors;
use Ikat\Core\Reach\ReachIndex;
use Ikat\Core\Setting\ColorSet;
use Illuminate\Testing\TestResponse;

/** The color desk's requests: what they write, what they refuse, and to whom they answer. */
final class ColorDeskTest extends AppTestCase
{
    /** @param array<string, mixed> $fields */
    private function form(string $rest, array $fields, string $who = 'maren'): TestResponse
    {
        return $this->actingAs($this->person($who))->post(
            "/workbench/looks/{$this->look()->id}/$rest",
            ['seen' => $this->look()->head, 'step' => 'colors', ...$fields],
            ['HX-Request' => 'true'],
        );
    }

    public function testAddingAndRemovingIsOneEditEachAndAnUndoBringsAllBack(): void
    {
        $before = $this->look()->state;
        $this->form('brand', ['like' => 'accent'])->assertOk()->assertSee('New color 1');
        self::assertSame('#f6c159', app(LookReader::class)->of($this->look())->resolved()->text('brand.own1'));
        $this->form('schemes', ['ground' => 'own1', 'brand' => 'ink'])->assertOk()->assertSee('Ink on New color 1');
        self::assertCount(6, app(LookReader::class)->of($this->look())->theme()->schemes);
        $this->edit(['path' => 'footer.scheme', 'value' => 'own1'])->assertOk();
        $this->form('brand/remove', ['key' => 'own1', 'heir' => 'mist'])->assertOk();
        self::assertSame('{brand.mist}', $this->look()->ownChanges()->own['scheme.own1.ground']);
        $this->form('schemes/remove', ['key' => 'own1', 'heir' => 'night'])->assertOk();
        self::assertSame('night', app(LookReader::class)->of($this->look())->resolved()->text('footer.scheme'));
        for ($i = 0; $i < 5; $i++) {
            $this->form('undo', [])->assertOk();
        }
        self::assertSame($before, $this->look()->state);
    }

    public function testACopyFollowsItselfAndNotItsModel(): void
    {
        $this->edit(['changes' => json_encode([
            'scheme.night.gradient' => 'linear-gradient(90deg, {scheme.night.ground} 0%, {brand.second} 100%)',
            'scheme.night.price' => '{scheme.night.ink}',
        ])])
            ->assertOk();
        $this->form('schemes/copy', ['key' => 'night'])->assertOk()->assertSee('Night again');
        $own = $this->look()->ownChanges()->own;
        self::assertSame('linear-gradient(90deg, {scheme.own1.ground} 0%, {brand.second} 100%)', $own['scheme.own1.gradient']);
        self::assertSame(['{scheme.own1.ink}', '{brand.main}'], [$own['scheme.own1.price'], $own['scheme.own1.ground']]);
    }

    public function testWhatCannotBeIsRefusedInWordsAndNothingChanges(): void
    {
        $before = $this->look()->state;
        foreach ([
            ['brand/remove', ['key' => 'main', 'heir' => 'main'], 'Choose the brand color'],
            ['brand/remove', ['key' => 'nobody', 'heir' => 'main'], 'Choose the brand color'],
            ['schemes', ['ground' => 'main', 'brand' => 'main'], 'Choose two different colors'],
            ['schemes', ['ground' => 'main'], 'Choose a ground and a color first'],
            ['schemes/remove', ['key' => 'night', 'heir' => 'night'], 'Choose the scheme'],
            ['schemes/copy', ['key' => 'nobody'], 'no such scheme'],
            [
                'edits',
                ['path' => 'scheme.night.gradient', 'value' => 'linear-gradient(90deg, {brand.nobody} 0%, #fff 100%)'],
                'there is no such color',
            ],
            ['edits', ['path' => 'scheme.night.gradient', 'value' => 'url(//elsewhere)'], 'is not a gradient'],
            ['edits', ['path' => 'palette.schemes', 'value' => ''], 'at least one has to stay'],
            ['edits', ['path' => 'dark.night.ink', 'value' => '#fff'], 'no setting'],
        ] as [$rest, $fields, $words]) {
            $answer = $this->form($rest, $fields);
            self::assertGreaterThanOrEqual(400, $answer->status(), "$rest ".json_encode($fields));
            self::assertLessThan(500, $answer->status(), "$rest ".json_encode($fields));
            self::assertStringContainsStringIgnoringCase(
                $words,
                html_entity_decode((string) $answer->getContent()),
                "$rest ".json_encode($fields),
            );
        }
        self::assertSame($before, $this->look()->state);
        $this->form('schemes', ['ground' => 'main', 'brand' => 'paper'], 'ines')->assertForbidden();
        $this->form('brand', [], 'ines')->assertForbidden();
    }

    public function testAKnotTellsItsPlacesAndAPartWhatItWears(): void
    {
        $this->actingAs($this->person('maren'));
        $base = "/workbench/looks/{$this->look()->id}";
        $cell = $this->getJson("$base/pair?open_pair=".urlencode('reduced:ground@scheme.daylight'))->assertOk();
        self::assertSame('reduced price on background', $cell->json('label'));
        self::assertGreaterThan(0, $cell->json('count'));
        $input = app(Inspector::class)->inspect($this->look());
        $elements = $input->get(ReachIndex::class)->placesOf('footer.scheme', $input->look, $input->get(CompiledLook::class))['home'];
        self::assertSame(
            'footer.scheme',
            $this->getJson("$base/wearer?page=home&elements=".implode(',', $elements))->assertOk()->json('path'),
        );
        self::assertSame([], $this->getJson("$base/wearer?page=nowhere-at-all&elements=1,2,x")->assertOk()->json());
    }

    public function testDarkColorsAreNoChangesUntilTheyAreTheMerchants(): void
    {
        $this->edit(['path' => 'dark.on', 'value' => 'on'])->assertOk();
        self::assertCount(
            10,
            SchemeColors::sets(app(LookReader::class)->of($this->look())->resolved(), app(LookReader::class)->of($this->look())->theme()),
        );
        $page = $this->actingAs($this->person('maren'))->get("/workbench/looks/{$this->look()->id}/publish")->assertOk();
        $page->assertSee('Colors of their own in dark surroundings')->assertDontSee('Daylight in the dark: text');
        $this->edit(['path' => 'dark.daylight.ink', 'value' => '#eeeecc'])->assertOk();
        $this->get("/workbench/looks/{$this->look()->id}/publish")->assertSee('Daylight in the dark: text');
    }

    /** A transparent header is measured on the picture under it. */
    public function testATransparentHeaderStandsOnThePictureOfTheFirstBand(): void
    {
        $changes = ['header.over' => true, 'band.lead-1.layout' => 'over', 'header.over.scheme' => 'daylight'];
        $inspect = fn(array $tried): Inspection => app(Inspector::class)->inspect(
            $this->look(),
            app(LookReader::class)->trying($this->look(), $tried),
        );
        $over = static fn(Inspection $inspection): array => array_values(array_filter(
            Checks::run($inspection),
            static fn(Finding $f): bool => str_contains($f->key(), ':'.SchemeColors::OVER.':'),
        ));
        self::assertSame([], $over($inspect([])));
        $tried = $inspect($changes);
        self::assertGreaterThan(100, count($tried->get(HeaderBackdrop::class)->seen(false)[0][1] ?? []));
        self::assertNotSame([], $over($tried), 'dark words on a picture of the night');
        // A season puts another picture there: what holds on every day's picture may fail on that one.
        $light = [
            'header.over' => true, 'header.over.scheme' => 'night', 'band.lead-1.layout' => 'over', 'band.lead-1.veil' => 0.5,
            'band.lead-1.picture' => 'lead', 'seasons' => 'season-1', 'season.season-1.on' => true, 'season.season-1.name' => 'Thaw',
            'season.season-1.picture' => '',
        ];
        $now = array_map(static fn(ContrastFinding $f): string => $f->title, $over($inspect($light)));
        $swapped = $inspect(['season.season-1.picture' => 'workshop'] + $light);
        self::assertSame([null, 'Thaw'], array_column($swapped->get(HeaderBackdrop::class)->seen(false), 0));
        $then = array_map(static fn(ContrastFinding $f): string => $f->title, $over($swapped));
        self::assertNotSame(
            [],
            array_filter($then, static fn(string $t): bool => str_ends_with($t, ', while Thaw runs')),
            implode('; ', [...$now, '|', ...$then]),
        );
    }

    /**
     * Second voice, pointed-at buttons and the like come by rule: while a color is chosen they are told, as they will be once it is kept.
     */
    public function testWhatRulesMakeOfAColorIsToldWhileItIsChosen(): void
    {
        $base = "/workbench/looks/{$this->look()->id}";
        $this->edit(['path' => 'dark.on', 'value' => 'on'])->assertOk();
        $ask = fn(string $path, string $value, string $dark = ''): array => $this
            ->getJson("$base/shade?".http_build_query(['path' => $path, 'value' => $value, 'hue' => 280, 'dark' => $dark]))
            ->assertOk()
            ->json('turned');
        self::assertSame([], $ask('brand.ink', ''));
        $light = $ask('brand.ink', '#402010');
        $dark = $ask('brand.paper', '#e0e8f0', '1');
        self::assertArrayHasKey('--scheme-daylight-soft', $light);
        self::assertArrayNotHasKey('--scheme-daylight-ink', $light, 'what follows moves by itself');
        self::assertArrayHasKey('--scheme-daylight-ground', $dark, 'the dark set comes by rule');
        foreach ([['brand.ink', '#402010', $light, 'scheme'], ['brand.paper', '#e0e8f0', $dark, 'dark']] as [$path, $value, $told, $kind]) {
            $this->edit(['path' => $path, 'value' => $value])->assertOk();
            $palette = app(Inspector::class)->inspect($this->look())->get(SchemeColors::class);
            foreach ($told as $property => $hex) {
                [, $scheme, $role] = explode('-', substr($property, 2), 3);
                self::assertSame($palette->color(ColorSet::of($scheme, $kind === 'dark'), $role)->hex(), $hex, $property);
            }
            $this->form('undo', [])->assertOk();
        }
    }
}
