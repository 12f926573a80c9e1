<?php

declare(strict_types=1);

namespace Tests\Core\Palette;

use Ikat\Core\Check\Inspection;
use Ikat\Core\Color\Ciede2000;
use Ikat\Core\Color\Color;
use Ikat\Core\Color\ColorSpace;
use Ikat\Core\Contrast\ContrastFinding;
use Ikat\Core\Contrast\PairContrast;
use Ikat\Core\Look\Theme;
use Ikat\Core\Palette\BrandPairs;
use Ikat\Core\Palette\LogoPalettes;
use Ikat\Core\Palette\PaletteProposal;
use Ikat\Core\Palette\WantedColors;
use PHPUnit\Framework\TestCase;
use Tests\Core\Fixtures;

final class LogoPalettesTest extends TestCase
{
    private function input(Theme $theme): Inspection
    {
        [$css, $body] = Fixtures::everyRole();

        return Fixtures::input($css, Fixtures::inEveryScheme($theme, $body), theme: $theme);
    }

    private function weaver(Theme $theme): LogoPalettes
    {
        $input = $this->input($theme);

        return new LogoPalettes(BrandPairs::of($input->look, array_keys($theme->schemes), PairContrast::pairs($input)));
    }

    /** The contrast of every pair after all derived states, as the check sees it: WCAG 2.2, 1.4.3 and 1.4.11. */
    public function testNoPairFailsInAnyProposalForThreeHundredRandomBrands(): void
    {
        mt_srand(20261125);
        $r = static fn(float $from, float $to): float => $from + mt_rand() / mt_getrandmax() * ($to - $from);
        $themes = [Fixtures::theme(), Fixtures::theme('towpath', '1.0.0'), Fixtures::theme('belfry', '1.0.0')];
        $weavers = array_map($this->weaver(...), $themes);
        $inputs = array_map($this->input(...), $themes);
        for ($i = 0; $i < 300; $i++) {
            $inks = [];
            for ($n = mt_rand(1, 6); $n > 0; $n--) {
                $inks[] = Color::parse(Color::in(ColorSpace::Oklch, $r(0.05, 0.99), $r(0, 0.3), $r(0, 360))->hex());
            }
            $which = $i % 3;
            foreach ($weavers[$which]->proposals($inks) as $proposal) {
                $own = array_combine(
                    array_map(static fn(string $k): string => "brand.$k", array_keys($proposal->colors)),
                    $proposal->colors,
                );
                $look = Fixtures::look($own, theme: $themes[$which]);
                $found = iterator_to_array((new PairContrast())->run($inputs[$which]->on($look, $themes[$which])), false);
                self::assertSame(
                    [],
                    array_map(
                        static fn(ContrastFinding $f): string => "$f->scheme $f->title ".ContrastFinding::ratioText($f->measure),
                        $found,
                    ),
                    json_encode([$themes[$which]->title, $proposal->title, $proposal->colors]) ?: '',
                );
            }
        }
    }

    public function testAnInkThatFitsIsKeptAsItIs(): void
    {
        $inks = [Color::parse('#1d3b6f'), Color::parse('#f3b61f')];
        $first = $this->weaver(Fixtures::theme())->proposals($inks)[0];
        self::assertSame(['main' => '#1d3b6f', 'accent' => '#f3b61f'], array_intersect_key($first->colors, ['main' => 1, 'accent' => 1]));
        self::assertLessThan(0.5, $first->furthest());
    }

    public function testAnInkThatDoesNotFitIsMovedAsLittleAsItMust(): void
    {
        // A mid yellow-green can lead only when it is darkened; the hue stays.
        $ink = Color::parse('#9bbf3b');
        [$exact, $proposal] = $this->weaver(Fixtures::theme())->proposals([$ink]);
        self::assertSame(0.0, $exact->furthest());
        self::assertArrayHasKey('main', $proposal->kept);
        $hue = static fn(string $hex): float => Color::parse($hex)->to(ColorSpace::Oklch)->numbers()[2];
        self::assertEqualsWithDelta($hue($ink->hex()), $hue($proposal->colors['main']), 12);
        self::assertEqualsWithDelta(
            Ciede2000::difference($ink, Color::parse($proposal->colors['main'])),
            $proposal->kept['main']['difference'],
            1e-9,
        );
    }

    /** A green that is too light to lead and too dark to be paper: every proposal moved it by 14 and more. */
    public function testGivenColorsAreKeptExactlyWhereTheyCanBe(): void
    {
        foreach ([['#2f8f4e'], ['#3f9b4b', '#1d2b4f'], ['#e0457b'], ['#2f8f4e', '#7a2036', '#f2c94c']] as $given) {
            foreach ([Fixtures::theme(), Fixtures::theme('towpath', '1.0.0'), Fixtures::theme('belfry', '1.0.0')] as $theme) {
                $proposals = $this->weaver($theme)->proposals(array_map(Color::parse(...), $given));
                self::assertLessThan(0.5, $proposals[0]->furthest(), "$theme->title ".implode(' ', $given));
                self::assertSame([], array_diff($given, $proposals[0]->colors));
            }
        }
    }

    public function testGraysAloneStillGiveAShop(): void
    {
        foreach ([[], [Color::parse('#000000')], [Color::parse('#ffffff')], [Color::parse('#777777')]] as $inks) {
            $proposals = $this->weaver(Fixtures::theme())->proposals($inks);
            foreach ($proposals as $proposal) {
                self::assertEqualsCanonicalizing(WantedColors::KEYS, array_keys($proposal->colors));
            }
            // Three to choose from, and none of them another one's twin.
            self::assertSame(
                3,
                count(array_unique(array_map(static fn(PaletteProposal $p): string => implode(' ', $p->colors), $proposals))),
            );
        }
    }
}
