<?php

declare(strict_types=1);

namespace Tests\Core\Palette;

use Ikat\Core\Check\Severity;
use Ikat\Core\Color\Color;
use Ikat\Core\Color\Contrast;
use Ikat\Core\Compile\CompiledLook;
use Ikat\Core\Contrast\ContrastFinding;
use Ikat\Core\Look\LayerKind;
use Ikat\Core\Palette\DarkSchemes;
use Ikat\Core\Setting\SchemeRoles;
use PHPUnit\Framework\TestCase;
use Tests\Core\Fixtures;

/** Dark surroundings: Media Queries 5, prefers-color-scheme; contrast as WCAG 2.2 asks. */
final class DarkSchemesTest extends TestCase
{
    /** Every starter of every theme, on a page that has every role: the rule leaves no pair too faint. */
    public function testTheRuleLeavesNoPairTooFaint(): void
    {
        [$css, $body] = Fixtures::everyRole();
        foreach (Fixtures::themes() as $theme) {
            foreach (array_keys($theme->starters) as $starter) {
                $input = Fixtures::input($css, Fixtures::inEveryScheme($theme, $body), ['dark.on' => true], $starter, theme: $theme);
                $faint = array_filter(Fixtures::contrast($input), static fn(ContrastFinding $f): bool => $f->severity !== Severity::Know);
                self::assertSame(
                    [],
                    array_map(
                        static fn(ContrastFinding $f): string => "$theme->title $starter $f->key ".ContrastFinding::ratioText($f->measure),
                        array_values($faint),
                    ),
                );
            }
        }
    }

    public function testGroundsAreDarkAndDarkSchemesStayAsTheyAre(): void
    {
        $look = Fixtures::look(['dark.on' => true]);
        foreach (array_keys(Fixtures::theme()->schemes) as $scheme) {
            $isDark = Contrast::isDark(Color::parse($look->text("scheme.$scheme.ground")));
            self::assertTrue(Contrast::isDark(Color::parse($look->text("dark.$scheme.ground"))), $scheme);
            foreach ($isDark ? array_keys(SchemeRoles::ALL) : [] as $role) {
                self::assertSame($look->text("scheme.$scheme.$role"), $look->text("dark.$scheme.$role"), "$scheme $role");
            }
        }
    }

    /** Where no brand was looked at beforehand: 60 random ones. */
    public function testRandomBrandsStayReadableInTheDark(): void
    {
        mt_srand(20261125);
        $faint = 0;
        $asked = 0;
        for ($i = 0; $i < 60; $i++) {
            $own = [];
            foreach (array_keys(Fixtures::theme()->brandColors) as $key) {
                $own["brand.$key"] = sprintf('#%06x', mt_rand(0, 0xFFFFFF));
            }
            $look = Fixtures::look([...$own, 'dark.on' => true]);
            foreach (array_keys(Fixtures::theme()->schemes) as $scheme) {
                if (Contrast::isDark(Color::parse($look->text("scheme.$scheme.ground")))) {
                    continue;
                }
                foreach ([
                    'ink' => 'ground', 'heading' => 'ground', 'link' => 'ground', 'field-ink' => 'field', 'action-ink' => 'action',
                    'label-sale-ink' => 'label-sale', 'reduced' => 'ground',
                ] as $ink => $ground) {
                    $asked++;
                    $faint += Contrast::ratio(
                        Color::parse($look->text("dark.$scheme.$ink")),
                        Color::parse($look->text("dark.$scheme.$ground")),
                    ) < 4.5
                        ? 1
                        : 0;
                }
            }
        }
        self::assertGreaterThan(500, $asked);
        self::assertSame(0, $faint);
    }

    public function testTheMerchantsOwnLiesOverTheRule(): void
    {
        $look = Fixtures::look(['dark.on' => true, 'dark.daylight.link' => '#ffcc00']);
        self::assertSame('#ffcc00', $look->text('dark.daylight.link'));
        self::assertSame(LayerKind::Look, $look->at('dark.daylight.link')->layer->kind);
        self::assertSame(LayerKind::Rule, $look->at('dark.daylight.ink')->layer->kind);
        self::assertSame('The rule for dark surroundings.', $look->why('dark.daylight.ink'));
    }

    public function testTheStylesheetAsksTheDevice(): void
    {
        $dark = Fixtures::input(
            '',
            '',
            ['dark.on' => true, 'scheme.night.gradient' => 'linear-gradient(90deg, {brand.main} 0%, #101010 100%)'],
        )->get(CompiledLook::class)->css;
        self::assertMatchesRegularExpression(
            '/@media \(prefers-color-scheme: dark\)\{:root\{color-scheme:light '
                .'dark;.*--scheme-daylight-ground:var\(--dark-daylight-ground\)/s',
            $dark,
        );
        self::assertStringContainsString('--scheme-night-gradient:var(--dark-night-gradient)', $dark);
        self::assertStringNotContainsString('prefers-color-scheme', Fixtures::input('', '')->get(CompiledLook::class)->css);
        self::assertArrayHasKey(
            'dark.night.gradient',
            DarkSchemes::of(
                Fixtures::look(['scheme.night.gradient' => 'linear-gradient(90deg, {brand.main} 0%, #101010 100%)']),
                ['night'],
            ),
        );
    }
}
