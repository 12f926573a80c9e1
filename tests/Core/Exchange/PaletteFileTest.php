<?php

declare(strict_types=1);

namespace Tests\Core\Exchange;

use Ikat\Core\Exchange\PaletteEntry;
use Ikat\Core\Exchange\PaletteFile;
use Ikat\Core\Exchange\PaletteTaking;
use Ikat\Core\Look\ColorInventory;
use Ikat\Core\Look\Layer;
use Ikat\Core\Look\LayerKind;
use Ikat\Core\Look\LookState;
use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Look\Theme;
use Ikat\Core\Setting\SchemeRoles;
use PHPUnit\Framework\TestCase;
use Tests\Core\Fixtures;

final class PaletteFileTest extends TestCase
{
    /** A color and a scheme of the merchant's own, a gradient of each kind, and a second set for dark surroundings. */
    private const OWN = [
        'palette.brand' => 'paper,sheet,mist,main,second,accent,own1,warm,cool,ink,thread',
        'name.brand.own1' => 'Lamplight */',
        'brand.own1' => '#ffd27a',
        'palette.schemes' => 'daylight,night,own1',
        'name.scheme.own1' => 'Été river',
        'scheme.own1.ground' => '{brand.own1}',
        'scheme.own1.ink' => '#10204080',
        'scheme.own1.gradient' => 'linear-gradient(135deg, {brand.own1} 0%, #102040 100%)',
        'scheme.night.gradient' => 'radial-gradient(circle at 20% 30%, {brand.main} 0%, {scheme.night.ink} 50%, #102040 100%)',
        'dark.on' => true,
        'dark.daylight.link' => '#99ccff',
    ];

    /** @param array<string, bool|float|string> $own */
    private static function theme(array $own): Theme
    {
        return Fixtures::theme()->wearing(ColorInventory::in(Fixtures::theme(), [new Layer(LayerKind::Look, 'Test', $own)]));
    }

    /** @param array<string, bool|float|string> $own */
    private static function write(string $format, array $own = self::OWN): string
    {
        return PaletteFile::write($format, PaletteEntry::ofLook(Fixtures::look($own), self::theme($own)), 'River <dusk>');
    }

    /**
     * @param array<string, bool|float|string> $own
     *
     * @return array{changes: array<string, string|bool>, taken: list<string>, same: int, unnamed: list<string>}
     */
    private static function take(string $text, array $own, bool $adds = false): array
    {
        return PaletteTaking::of(Fixtures::look($own), self::theme($own), LookState::of($own), PaletteFile::read($text)['colors'], $adds);
    }

    /** @return array<string, string> path => what it comes to, of all colors and gradients in use */
    private static function worn(ResolvedLook $look, Theme $theme): array
    {
        $worn = [];
        foreach (PaletteEntry::ofLook($look, $theme) as $entry) {
            $worn[$entry->name] = $entry->hex !== '' ? $entry->hex : $entry->written;
        }

        return $worn;
    }

    public function testEveryFormatComesBackAsItWas(): void
    {
        foreach (array_keys(PaletteFile::FORMATS) as $format) {
            $text = self::write($format);
            self::assertSame([], PaletteFile::read($text)['not_understood'], $format);
            self::assertSame(
                ['changes' => [], 'taken' => [], 'same' => count(PaletteFile::read($text)['colors']), 'unnamed' => []],
                self::take($text, self::OWN),
                "$format: nothing differs",
            );
        }
        $read = PaletteFile::read(self::write('gpl'))['colors'];
        self::assertSame('lamplight', array_keys($read)[6]);
        self::assertSame('#ffd27a', $read['lamplight']);
    }

    public function testAnotherLookIsColoredWholeWithWhatFollowsWhat(): void
    {
        foreach (['css', 'tokens'] as $format) {
            $taken = self::take(self::write($format), [], true);
            self::assertSame([], $taken['unnamed'], $format);
            $look = Fixtures::look($taken['changes']);
            $wanted = self::worn(Fixtures::look(self::OWN), self::theme(self::OWN));
            self::assertEquals($wanted, array_intersect_key(self::worn($look, self::theme($taken['changes'])), $wanted), $format);
            self::assertSame('{brand.own1}', $taken['changes']['scheme.own1.ground'], 'it follows on');
            self::assertSame(
                'radial-gradient(circle at 20% 30%, {brand.main} 0%, {scheme.night.ink} 50%, #102040 100%)',
                $taken['changes']['scheme.night.gradient'],
            );
            self::assertTrue($taken['changes']['dark.on']);
            self::assertContains('colors of their own in dark surroundings', $taken['taken']);
            self::assertArrayNotHasKey('scheme.daylight.ink', $taken['changes'], 'what it is already stays with the theme');
        }
    }

    public function testWithoutLeaveNothingIsAdded(): void
    {
        $taken = self::take(self::write('tokens', ['dark.on' => false] + self::OWN), []);
        self::assertContains('brand.lamplight', $taken['unnamed']);
        self::assertContains('scheme.ete-river.ground', $taken['unnamed']);
        self::assertCount(2 + count(SchemeRoles::ALL), $taken['unnamed']);
        self::assertSame(['scheme.night.gradient'], array_keys($taken['changes']));
    }

    public function testASchemeThatLacksRolesIsNotAdded(): void
    {
        $taken = self::take(':root{--scheme-river-ground:#fff;--scheme-river-ink:#000;--fog:#eee;--fog-deep:var(--fog)}', [], true);
        self::assertSame(['scheme-river-ground', 'scheme-river-ink'], $taken['unnamed']);
        self::assertSame(['Fog, a new brand color', 'Fog deep, a new brand color'], $taken['taken']);
        self::assertSame('{brand.own1}', $taken['changes']['brand.own2']);
        self::assertStringEndsWith(',own1,own2', (string) $taken['changes']['palette.brand']);
    }

    public function testNamesOfOtherMakersAreFound(): void
    {
        $taken = self::take('{"palette": {"$type": "color", "Main": {"$value": {"colorSpace": "srgb", "components": [0, 0, 0]}}}}', []);
        self::assertSame(['brand.main' => '#000000'], $taken['changes']);
        self::assertSame(['brand.accent' => '#112233'], self::take(':root{--color-accent: #123}', [])['changes']);
        // A gradient is no brand color, and a brand color no gradient.
        $taken = self::take(':root{--main: linear-gradient(90deg, #000 0%, #fff 100%); --scheme-night-gradient: #fff}', [], true);
        self::assertSame([], $taken['changes']);
        self::assertSame(['main', 'scheme-night-gradient'], $taken['unnamed']);
        // Names that are numbers stay names.
        self::assertSame(
            ['12' => '#010203', '7' => '#040506', '12 2' => '#070809'],
            PaletteFile::read("GIMP Palette\n1 2 3 12\n4 5 6 7\n7 8 9 12\n")['colors'],
        );
        self::assertSame(
            ['1: what it follows is no color of this file', '2: what it follows is no color of this file'],
            PaletteFile::read('{"1": {"$value": "{2}"}, "2": {"$value": "{1}"}}')['not_understood'],
        );
        self::assertSame(
            ['1', '2'],
            self::take(
                '{"1": {"$value": "{2}"}, "2": {"$type": "color", "$value": {"colorSpace": "srgb", "components": [0, 0, 0]}}}',
                [],
            )['unnamed'],
        );
    }

    public function testTheDarkSetLeadsToItsOwnColors(): void
    {
        $css = self::write('css', ['dark.night.link' => '{dark.night.ink}', 'dark.night.menu' => '{scheme.night.menu}'] + self::OWN);
        [$light, $dark] = explode('@media (prefers-color-scheme: dark)', $css);
        self::assertStringContainsString('--scheme-night-link: var(--scheme-night-ink);', $dark);
        // The light set's menu cannot be named where the dark one has its name.
        self::assertMatchesRegularExpression('/--scheme-night-menu: #[0-9a-f]{6};/', $dark);
        self::assertStringContainsString('--scheme-ete-river-ground: var(--brand-lamplight);', $light);
        self::assertStringContainsString('/* Lamplight', $light);
        self::assertSame('{dark-night-ink}', PaletteFile::read($css)['colors']['dark-night-link']);
    }

    public function testWhatIsNotUnderstoodIsListed(): void
    {
        $read = PaletteFile::read("GIMP Palette\nName: x\n 44 43 118 main\n300 0 0 loud\nhello\n");
        self::assertSame(['main' => '#2c2b76'], $read['colors']);
        self::assertSame(['line 4: “300 0 0 loud”', 'line 5: “hello”'], $read['not_understood']);
        $read = PaletteFile::read(':root { --main: oklch(0.4 0.1 280); --space: 4px; --paper: var(--x); --a: var(--b); --b: var(--a); '
            .'--fade: conic-gradient(red, blue) }');
        self::assertSame(['main'], array_keys($read['colors']));
        self::assertSame(
            [
                '--space: “4px”', '--fade: “conic-gradient(red, blue)”', 'paper: what it follows is no color of this file',
                'a: what it follows is no color of this file', 'b: what it follows is no color of this file',
            ],
            $read['not_understood'],
        );
        $read = PaletteFile::read('{"a": {"$type": "color", "main": {"$value": {"colorSpace": "display-p3", "components": [1, 0, '
            .'"none"]}}, "same": {"$value": "{a.main}"}, "odd": {"$value": "#fff"}}, "gap": {"$type": "dimension", "$value": {"value": 4, '
                .'"unit": "px"}},
            "fade": {"$type": "gradient", "$value": [
                {"color": "{a.main}", "position": -1},
                {"color": {"colorSpace": "srgb", "components": [1, 1, 1]}, "position": 1}
            ]}, "bad": {"$type": "gradient", "$value": [{"color": 4}]}}');
        self::assertSame(['a.main', 'a.same', 'fade'], array_keys($read['colors']));
        self::assertSame('{a.main}', $read['colors']['a.same']);
        self::assertSame('linear-gradient(180deg, {a.main} 0%, #ffffff 100%)', $read['colors']['fade']);
        self::assertSame(
            [
                'a.odd: its value is not a color that can be read',
                'gap: a dimension, not a color',
                'bad: its value is not a color that can be read',
            ],
            $read['not_understood'],
        );
        self::assertSame(
            ['<path> “b”: no plain fill'],
            PaletteFile::read('<svg xmlns="http://www.w3.org/2000/svg"><rect id="a" fill="red"/><path id="b" '
                .'fill="url(#g)"/></svg>')['not_understood'],
        );
    }

    public function testHostileFilesGiveNothing(): void
    {
        foreach ([
            '',
            '{',
            '{"a": 4}',
            '<svg',
            '<!DOCTYPE svg [<!ENTITY a "b">]><svg>&a;</svg>',
            str_repeat('{"a":', 40).'1'.str_repeat('}', 40),
            "GIMP Palette\n\xFF\xFE",
            '@media (prefers-color-scheme: dark) '.str_repeat('{', 5000),
            '{"a": {"$type": ["x"], "$value": {"a": 1}, "$extensions": "x"}}',
        ] as $text) {
            self::assertSame([], PaletteFile::read($text)['colors']);
        }
        // Ten thousand names that follow one another, up to a color that is too far down to be read.
        $chain = implode(';', array_map(static fn(int $i): string => "--c$i:var(--c".($i + 1).')', range(1, 10_000))).';--c10001:#fff';
        self::assertSame([], PaletteFile::read(":root{{$chain}}")['colors']);
    }
}
