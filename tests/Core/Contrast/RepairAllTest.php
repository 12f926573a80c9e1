<?php

declare(strict_types=1);

namespace Tests\Core\Contrast;

use Ikat\Core\Check\Inspection;
use Ikat\Core\Color\Ciede2000;
use Ikat\Core\Color\Color;
use Ikat\Core\Color\ColorSpace;
use Ikat\Core\Color\Contrast;
use Ikat\Core\Color\ContrastFix;
use Ikat\Core\Contrast\ContrastFinding;
use Ikat\Core\Contrast\ContrastFixes;
use Ikat\Core\Contrast\ContrastRepair;
use Ikat\Core\Contrast\PairContrast;
use Ikat\Core\Contrast\RepairAll;
use Ikat\Core\Contrast\SchemeColors;
use Ikat\Core\Setting\ColorSet;
use PHPUnit\Framework\TestCase;
use Tests\Core\Fixtures;

final class RepairAllTest extends TestCase
{
    /** Against an exhaustive search of lightness and chroma at the hue: never worse than 1.0 CIEDE2000, never a broken demand. */
    public function testSeveralDemandsAreMetNearlyAsCheaplyAsCanBe(): void
    {
        mt_srand(20261127);
        $random = static fn(): Color => Color::fromRgbInteger(mt_rand(0, 0xFFFFFF));
        for ($i = 0; $i < 12; $i++) {
            $color = $random();
            $demands = [[$random(), [3.0, 4.5][$i % 2]], [$random(), 4.5], [$random(), 3.0]];
            $holds = static fn(Color $c): bool => array_filter(
                $demands,
                static fn(array $d): bool => Contrast::ratio($c, $d[0]) < $d[1],
            ) === [];
            $found = ContrastFix::meeting($color, $demands);
            [$l, , $h] = $color->to(ColorSpace::Oklch)->coordinates();
            $best = INF;
            for ($l = 0.0; $l <= 1.0; $l += 0.01) {
                for ($c = 0.0; $c <= 0.33; $c += 0.015) {
                    $candidate = Color::in(ColorSpace::Oklch, $l, $c, $h);
                    if ($candidate->inGamut() && $holds($eight = Color::parse($candidate->hex()))) {
                        $best = min($best, Ciede2000::difference($color, $eight));
                    }
                }
            }
            if ($found === null) {
                self::assertSame(INF, $best, 'a color was there and was not found');

                continue;
            }
            self::assertTrue($holds($found));
            self::assertLessThan($best + 1.0, Ciede2000::difference($color, $found));
        }
    }

    /** On 1,000 random looks: whatever can be mended is, what passed still passes, and what is left is named. */
    public function testNothingIsBrokenAndWhatIsLeftIsNamed(): void
    {
        mt_srand(20261128);
        [$css, $body] = Fixtures::everyRole();
        $html = Fixtures::inEveryScheme(Fixtures::theme(), $body);
        $plain = Fixtures::input($css, $html);
        $keys = ['paper', 'sheet', 'mist', 'main', 'second', 'accent', 'warm', 'cool', 'ink', 'thread'];
        $failing = static fn(Inspection $in): array => array_map(
            static fn(ContrastFinding $f): string => $f->key,
            iterator_to_array((new PairContrast())->run($in), false),
        );
        $mended = 0;
        for ($i = 0; $i < 1000; $i++) {
            $own = [];
            foreach ((array) array_rand(array_flip($keys), mt_rand(1, 3)) as $key) {
                $own["brand.$key"] = sprintf('#%06x', mt_rand(0, 0xFFFFFF));
            }
            $input = $plain->on(Fixtures::look($own), Fixtures::theme());
            $plan = RepairAll::of($input);
            $after = $plain->on(Fixtures::look([...$own, ...$plan->changes]), Fixtures::theme());
            $left = $failing($after);
            self::assertSame([], array_diff($left, $failing($input)), 'a pair that was readable is not any more: '.json_encode($own));
            self::assertSame($plan->left === [], $left === [], implode(' ', $left).json_encode($own));
            $mended += $left === [] ? 1 : 0;
        }
        self::assertGreaterThan(950, $mended, 'nearly all looks can be mended whole');
    }

    /** Two roles at once against an exhaustive search over lightnesses of both: never worse than 1.0 CIEDE2000. */
    public function testTwoRolesAreMovedNearlyAsCheaplyAsCanBe(): void
    {
        // An ink between two grounds that no ink of its hue holds against.
        $css = '.wear{background-color:var(--ground);color:var(--ink)} .f{background-color:var(--field);color:var(--ink)}';
        $html = '<div class="wear scheme-daylight"><p>x</p><p class="f">y</p></div>';
        foreach ([
            ['#8a8a8a', '#ffffff', '#101010'],
            ['#777799', '#fafafa', '#202020'],
            ['#806040', '#f0f0e8', '#000000'],
        ] as [$ink, $ground, $field]) {
            $input = Fixtures::input(
                $css,
                $html,
                ['scheme.daylight.ink' => $ink, 'scheme.daylight.ground' => $ground, 'scheme.daylight.field' => $field],
            );
            $repair = ContrastRepair::of($input, ColorSet::of('daylight'), $input->get(SchemeColors::class));
            self::assertNull($repair->one('ink'));
            $found = array_filter([$repair->two('ink', 'field'), $repair->two('ink', 'ground')]);
            self::assertNotSame([], $found);
            $cost = min(array_map($repair->cost(...), $found));
            $best = INF;
            foreach (['field', 'ground'] as $moved) {
                [, $c, $h] = $repair->roles[$moved]->to(ColorSpace::Oklch)->coordinates();
                [, $ic, $ih] = $repair->roles['ink']->to(ColorSpace::Oklch)->coordinates();
                for ($l = 0.0; $l <= 1.0; $l += 0.0125) {
                    for ($il = 0.0; $il <= 1.0; $il += 0.0125) {
                        $change = [
                            $moved => Color::parse(Color::in(ColorSpace::Oklch, $l, $c, $h)->hex()),
                            'ink' => Color::parse(Color::in(ColorSpace::Oklch, $il, $ic, $ih)->hex()),
                        ];
                        if ($repair->failing($change) === []) {
                            $best = min($best, $repair->cost($change));
                        }
                    }
                }
            }
            self::assertLessThan($best + 1.0, $cost, "$ink on $ground and $field");
        }
    }

    public function testWhatContradictsIsNamed(): void
    {
        // The gradient runs through every lightness: no ink can hold on all of it.
        $input = Fixtures::input(
            '.wear{background-color:var(--ground);color:var(--ink)} .h{color:var(--heading)}',
            '<div class="wear scheme-night"><p>x</p><h2 class="h">y</h2></div>',
            ['scheme.night.gradient' => 'linear-gradient(90deg, #000000 0%, #ffffff 100%)'],
        );
        $finding = Fixtures::contrast($input)[0];
        self::assertSame(1.0, $finding->measure);
        $fixes = new ContrastFixes($input);
        self::assertSame([], $fixes->of($finding));
        self::assertMatchesRegularExpression(
            '/Night: .* on background cannot be fixed with its hue kept.* The gradient runs from too dark to too light/',
            $fixes->why($finding),
        );
        self::assertNotSame([], RepairAll::of($input)->left);
    }

    public function testAReadableLookIsLeftAlone(): void
    {
        [$css, $body] = Fixtures::everyRole();
        self::assertSame([], RepairAll::of(Fixtures::input($css, Fixtures::inEveryScheme(Fixtures::theme(), $body)))->changes);
    }
}
