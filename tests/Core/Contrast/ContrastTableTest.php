<?php

declare(strict_types=1);

namespace Tests\Core\Contrast;

use Ikat\Core\Check\Severity;
use Ikat\Core\Color\Color;
use Ikat\Core\Color\Compositing;
use Ikat\Core\Color\Contrast;
use Ikat\Core\Contrast\ContrastFixes;
use Ikat\Core\Contrast\ContrastTable;
use Ikat\Core\Contrast\Fix;
use Ikat\Core\Contrast\HeaderBackdrop;
use Ikat\Core\Contrast\RepairAll;
use Ikat\Core\Contrast\RoleJoining;
use Ikat\Core\Contrast\RolePair;
use Ikat\Core\Contrast\SchemeColors;
use Ikat\Core\Setting\ColorSet;
use PHPUnit\Framework\TestCase;
use Tests\Core\Fixtures;

/** Targets: WCAG 2.2, 1.4.3 and 1.4.11. */
final class ContrastTableTest extends TestCase
{
    private const CSS = '.wear{background-color:var(--ground);color:var(--ink)} a{color:var(--link)} a:hover{color:var(--heading)} '
        .'a:visited{color:var(--visited)}'
        .' :focus-visible{outline:3px solid var(--focus)} .button{background-color:var(--action);color:var(--action-ink)} '
        .'.button:hover{background-color:var(--action-hover)} .button[disabled]{background-color:var(--quiet);color:var(--off)}'
        .' input{border:1px solid var(--field-line);background-color:var(--field);color:var(--field-ink);accent-color:var(--action)} '
        .'.is-over{position:absolute;background-color:transparent} .menu{color:var(--menu)}';
    private const BODY = '<div class="wear scheme-daylight"><p>x</p><a href="/">y</a><a href="/" aria-current="page">z</a><button '
        .'class="button">b</button><button class="button" disabled>n</button><input aria-invalid="true"><input type="checkbox" '
        .'checked></div>'
        .'<div class="wear scheme-night"><p>x</p></div>';

    /** @param array<string, bool|float|string> $own */
    private static function table(array $own = [], string $body = self::BODY, string $set = 'scheme.daylight'): ContrastTable
    {
        return ContrastTable::of(Fixtures::input(self::CSS, $body, $own), array_filter([ColorSet::tryNamed($set)]));
    }

    public function testEveryStateThatOccursHasItsKnot(): void
    {
        $cells = self::table()->cells;
        $states = array_map(static fn($k): array => $k->states, $cells);
        self::assertSame(['plain', 'selected'], $states['link:ground']);
        self::assertSame(['hover'], $states['heading:ground']);
        self::assertSame(['visited'], $states['visited:ground']);
        self::assertSame(['focus'], $states['focus:ground']);
        self::assertSame(['hover'], $states['action-ink:action-hover']);
        self::assertSame(['disabled'], $states['off:quiet']);
        self::assertSame(['error'], $states['field-ink:field']);
        self::assertSame(['selected'], $states['action:ground'], 'a checked box stands out from what is around it');
        self::assertSame([0.0, null], [$cells['off:quiet']->target, $cells['off:quiet']->severity], 'what is disabled needs no contrast');
        self::assertSame([3.0, ['edges']], [$cells['focus:ground']->target, $cells['focus:ground']->kinds]);
        self::assertSame(['page' => [2, 3]], $cells['link:ground']->places);
        self::assertSame([], array_diff(array_merge(...array_values($states)), RolePair::STATES));
    }

    public function testAStateIsToldWhereAPartOfTheSchemeHasIt(): void
    {
        $body = self::BODY.'<div class="wear scheme-night"><a href="/">a</a></div>';
        self::assertSame(
            ['plain'],
            self::table([], $body, 'scheme.night')->cells['link:ground']->states,
            'only daylight marks one as where one is',
        );
        self::assertSame(
            ['plain', 'selected'],
            self::table([], $body, 'scheme.kiln')->cells['link:ground']->states,
            'no part wears it: what it would have',
        );
    }

    public function testSeverityIsThatOfTheFinding(): void
    {
        $cells = self::table(['scheme.daylight.link' => '#e0d8c8', 'scheme.daylight.field-line' => '#e5dcc8'])->cells;
        self::assertSame(
            [Severity::Stops, Severity::ShouldFix, null],
            [$cells['link:ground']->severity, $cells['field-line:ground']->severity, $cells['ink:ground']->severity],
        );
        self::assertSame(
            Severity::Know,
            self::table(['scheme.kiln.link' => '#b4430a'], set: 'scheme.kiln')->cells['link:ground']->severity,
        );
    }

    public function testOfSeveralSetsEachGroundHasItsThreadAndOthersShowTheWorst(): void
    {
        $table = ContrastTable::of(
            Fixtures::input(self::CSS, self::BODY, ['scheme.night.action-ink' => '#f6c159']),
            [ColorSet::of('daylight'), ColorSet::of('night')],
        );
        self::assertSame(['ground@scheme.daylight', 'ground@scheme.night', 'action', 'action-hover'], array_slice($table->columns, 0, 4));
        self::assertSame('scheme.daylight', $table->cells['action-ink:action']->set->name, 'what is worn counts before what is not');
    }

    public function testAGradientIsMeasuredAtItsWorstPoint(): void
    {
        $ratio = static fn(string $stops, string $ink): float => self::table([
            'scheme.daylight.gradient' => "linear-gradient(90deg, $stops)",
            'scheme.daylight.ink' => $ink,
        ])->cells['ink:ground']->ratio;
        $plain = static fn(string $a, string $b): float => Contrast::ratio(Color::parse($a), Color::parse($b));
        self::assertEqualsWithDelta($plain('#000', '#999999'), $ratio('#ffffff 0%, #999999 100%', '#000000'), 1e-9);
        self::assertSame(1.0, $ratio('#000000 0%, #ffffff 100%', '#808080'));
        // From red to green the middle is darker than both ends, so black on it is fainter there than anywhere.
        self::assertLessThan(min($plain('#000', '#ff0000'), $plain('#000', '#00ff00')), $ratio('#ff0000 0%, #00ff00 100%', '#000000'));
    }

    public function testWhatIsSeenThroughLiesOnWhatIsBeneath(): void
    {
        $body = '<div class="wear scheme-night"><p>x</p><div class="wear scheme-daylight"><p>y</p></div></div>';
        $own = ['scheme.daylight.ground' => '#ffffff80', 'scheme.daylight.ink' => '#00000080'];
        $night = Color::parse(Fixtures::look()->text('scheme.night.ground'));
        $ground = Compositing::over(Color::parse('#ffffff80'), $night);
        self::assertEqualsWithDelta(
            Contrast::ratio(Compositing::over(Color::parse('#00000080'), $ground), $ground),
            self::table($own, $body)->cells['ink:ground']->ratio,
            1e-9,
        );
    }

    public function testATransparentHeaderStandsOnThePicture(): void
    {
        $body = '<div class="wear scheme-daylight"><header class="is-over wear scheme-night"><p class="menu">x</p></header><p>y</p></div>';
        $plain = Fixtures::input(self::CSS, $body);
        $input = $plain->with(self::under(['' => ['#202020', '#777777', '#303030']]));
        $cell = ContrastTable::of($input, [ColorSet::of('night')])->cells['menu:over'];
        $menu = Color::parse($input->look->text('scheme.night.menu'));
        self::assertEqualsWithDelta(Contrast::ratio($menu, Color::parse('#777777')), $cell->ratio, 1e-9);
        self::assertArrayNotHasKey('menu:over', ContrastTable::of($input, [ColorSet::of('daylight')])->cells);
        $found = array_values(array_filter(Fixtures::contrast($input), static fn($f): bool => $f->pair->ground === SchemeColors::OVER));
        self::assertSame(['menu on the first band’s picture'], array_column($found, 'title'));
        // Places of a picture do not run into each other: between a dark and a light one there need be nothing.
        $parted = $plain->with(self::under(['' => ['#000000'], 'Thaw' => ['#ffffff']]));
        $titles = array_column(
            array_filter(Fixtures::contrast($parted), static fn($f): bool => $f->pair->ground === SchemeColors::OVER),
            'title',
        );
        self::assertSame(['menu on the first band’s picture, while Thaw runs'], array_values($titles));
        self::assertEqualsWithDelta(
            Contrast::ratio($menu, Color::parse('#ffffff')),
            ContrastTable::of($parted, [ColorSet::of('night')])->cells['menu:over']->ratio,
            1e-9,
        );
        // A season that lets the header wear another scheme is measured in that one, under its own picture.
        $own = [
            'seasons' => 'season-1', 'season.season-1.on' => true, 'season.season-1.name' => 'Thaw', 'season.season-1.from' => 'night',
            'season.season-1.to' => 'counter',
        ];
        $swapping = Fixtures::input(self::CSS, $body, $own);
        foreach ([
            ['#101010', '#f0f0f0', []],
            ['#101010', '#202020', ['menu on the first band’s picture, while Thaw runs']],
        ] as [$now, $then, $expected]) {
            $input = $swapping->with(self::under(['' => [$now], 'Thaw' => [$then]], 'band.lead-1.veil'));
            $found = array_filter(
                Fixtures::contrast($input),
                static fn($f): bool => $f->pair->ground === SchemeColors::OVER && $f->scheme === 'counter',
            );
            self::assertSame($expected, array_values(array_column($found, 'title')));
        }
    }

    /** The veil is laid on until all that falls short under every picture holds, and no further. */
    public function testAVeilMendsWhatStandsOverAPicture(): void
    {
        $body = '<div class="wear scheme-daylight"><header class="is-over wear scheme-night"><p class="menu">x</p></header></div>';
        $plain = Fixtures::input(self::CSS, $body);
        $input = $plain->with(self::under(['' => ['#202020', '#9a8a70'], 'Thaw' => ['#c0c0c0']], 'band.lead-1.veil'));
        $finding = array_values(array_filter(
            Fixtures::contrast($input),
            static fn($f): bool => $f->pair->ground === SchemeColors::OVER,
        ))[0];
        $veils = array_values(array_filter(ContrastFixes::for($finding, $input), static fn(Fix $f): bool => $f->change === 'veil'));
        self::assertCount(1, $veils);
        $to = (float) $veils[0]->changes['band.lead-1.veil'];
        $menu = Color::parse($input->look->text('scheme.night.menu'));
        $worst = static fn(float $veil): float => min(array_map(
            static fn(array $s): float => min(array_map(static fn(Color $c): float => Contrast::ratio($menu, $c), $s[1])),
            $input->get(HeaderBackdrop::class)->seen(false, $veil) ?? [],
        ));
        self::assertGreaterThanOrEqual(4.5, $worst($to));
        self::assertLessThan(4.5, $worst($to - 0.05));
        self::assertEqualsWithDelta($worst($to), $veils[0]->ratio, 1e-9);
        // All at once: the veil comes where the ink could not be mended, and nothing is left.
        $plan = RepairAll::of($input);
        self::assertSame([], $plan->left);
        self::assertSame($veils[0]->changes['band.lead-1.veil'], $plan->changes['band.lead-1.veil'] ?? null);
        self::assertContains($plan->changes['band.lead-1.veil'], array_column($plan->steps, 'says'));
        // Where an ink does it, the picture stays as it is.
        $dark = $plain->with(self::under(['' => ['#808080', '#888888']], 'band.lead-1.veil'));
        self::assertNotSame([], Fixtures::contrast($dark));
        self::assertSame([], RepairAll::of($dark)->left);
        self::assertArrayNotHasKey('band.lead-1.veil', RepairAll::of($dark)->changes);
        // A veil as light as the words helps nothing, and a picture beside the words has none.
        foreach ([self::under(['' => ['#eeeeee']], 'band.lead-1.veil', '#f9f3e6'), self::under(['' => ['#c0c0c0']])] as $under) {
            $other = $plain->with($under);
            $finding = array_values(array_filter(
                Fixtures::contrast($other),
                static fn($f): bool => $f->pair->ground === SchemeColors::OVER,
            ))[0];
            self::assertNotContains('veil', array_column(ContrastFixes::for($finding, $other), 'change'));
        }
    }

    /** @param array<string, list<string>> $pictures season => colors; '' for every day */
    private static function under(array $pictures, ?string $veilPath = null, string $ground = '#2c2b76'): HeaderBackdrop
    {
        return new HeaderBackdrop(
            array_map(
                static fn(string $season, array $colors): array => [
                    'season' => $season === '' ? null : $season,
                    'pixels' => array_map(Color::parse(...), $colors),
                    'grounds' => ['scheme' => Color::parse($ground)],
                ],
                array_keys($pictures),
                $pictures,
            ),
            $veilPath,
            0.0,
        );
    }

    public function testDarkSetsAreCheckedLikeTheFirst(): void
    {
        $input = Fixtures::input(self::CSS, self::BODY, ['dark.on' => true, 'dark.daylight.link' => '#2a2a20']);
        [$finding] = Fixtures::contrast($input);
        self::assertSame(
            ['link text on background, in dark surroundings', 'dark.daylight.link', Severity::Stops],
            [$finding->title, $finding->inkPath, $finding->severity],
        );
        self::assertCount(10, SchemeColors::sets($input->look, $input->theme));
    }

    public function testButtonsOfAnotherColorAreOfferedForJoining(): void
    {
        $body = self::BODY.'<div class="wear scheme-night"><button class="button">c</button><button class="button">d</button></div>';
        $offers = RoleJoining::offers(Fixtures::input(self::CSS, $body), 'scheme.daylight.action');
        self::assertSame(['night'], array_column($offers, 'scheme'));
        self::assertSame(2, $offers[0]['places']);
        self::assertSame(['scheme.night.action' => '{scheme.daylight.action}'], $offers[0]['change']);
        self::assertStringContainsString('needed', (string) $offers[0]['faint'], 'indigo on indigo would not be seen');
        $joined = RoleJoining::offers(
            Fixtures::input(self::CSS, $body, ['scheme.daylight.action' => '#f2b84a', 'scheme.daylight.action-ink' => '#20212b']),
            'scheme.daylight.action',
        );
        self::assertNull($joined[0]['faint']);
        self::assertSame([], RoleJoining::offers(Fixtures::input(self::CSS, $body), 'brand.main'));
    }
}
