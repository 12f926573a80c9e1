<?php

declare(strict_types=1);

namespace Tests\Core\Look;

use Ikat\Core\Compile\LookCompiler;
use Ikat\Core\Look\Base;
use Ikat\Core\Look\BaseSwitch;
use Ikat\Core\Look\LookState;
use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Look\Starter;
use Ikat\Core\Look\Theme;
use Ikat\Core\Look\ThemeChange;
use Ikat\Core\Look\ThemeMerge;
use Ikat\Core\Setting\Catalog\StorefrontCatalog;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\StepKey;
use Ikat\Core\Setting\Type\ChoiceType;
use Ikat\Core\Setting\Type\LengthType;
use PHPUnit\Framework\TestCase;
use Tests\Core\Fixtures;

/** Laws of taking and upgrading a theme, on random themes with renamed, removed and retyped settings and random looks, in any order. */
final class RandomUpgradeTest extends TestCase
{
    private const TRIALS = 150;

    public function testWhatIsKeptComesOutTheSameAndEverythingElseIsTold(): void
    {
        mt_srand(20261128);
        $kinds = ['kept' => 0, 'carried' => 0, 'retyped' => 0, 'removed' => 0, 'shifted' => 0, 'loosened' => 0, 'questions' => 0];
        for ($i = 0; $i < self::TRIALS; $i++) {
            $old = self::theme('1.0.0');
            $new = self::upgraded($old);
            $own = self::own($old);
            $merge = ThemeMerge::of($old, $new, 'first', $own, new StorefrontCatalog());
            $before = Fixtures::look($own->own, 'first', $old);
            $changed = LookState::of([...$own->own, ...$merge->changes([])]);
            $after = Fixtures::look($changed->own, 'first', $new);
            self::assertNotSame('', LookCompiler::compile($after, $new)->css, 'it can be shown');
            $told = [];
            foreach (array_keys($kinds) as $kind) {
                $paths = $kind === 'kept' ? $merge->kept : array_column($merge->$kind, 'path');
                $kinds[$kind] += count($paths);
                $told = [...$told, ...$paths];
            }
            self::assertEqualsCanonicalizing(array_values(array_diff(array_keys($own->own), Base::PATHS)), $told);
            foreach ([...$merge->kept, ...array_column($merge->loosened, 'path'), ...array_column($merge->questions, 'path')] as $path) {
                self::assertSame(self::valueAt($before, $path), self::valueAt($after, $path), "$path is said to be kept");
            }
            foreach ($merge->carried as $row) {
                self::assertSame($before->value($row['path']), $after->value($row['to']), "$row[path] is said to be carried");
            }
            self::assertEquals($changed->own, LookState::of([...array_reverse($own->own), ...$merge->changes([])])->own, 'in any order');
        }
        foreach ($kinds as $kind => $count) {
            self::assertGreaterThan(0, $count, "no trial had anything $kind");
        }
    }

    public function testAnyLookCanBeShownOnAnyTheme(): void
    {
        mt_srand(20261129);
        $themes = [...Fixtures::themes(), self::theme('1.0.0'), self::theme('1.0.0')];
        for ($i = 0; $i < self::TRIALS; $i++) {
            [$from, $to] = [$themes[mt_rand(0, count($themes) - 1)], $themes[mt_rand(0, count($themes) - 1)]];
            $own = self::own($from);
            $before = Fixtures::look($own->own, theme: $from);
            $after = Fixtures::look($own->own, theme: $to);
            self::assertNotSame('', LookCompiler::compile($after, $to)->css);
            $carrying = BaseSwitch::between($own, $before, $after, $to);
            foreach ($carrying->stay as $row) {
                if ($row['becomes'] === null) {
                    self::assertSame($before->value($row['path']), $after->value($row['path']), $row['path']);
                }
            }
        }
    }

    /** The cases of the first report. */
    public function testAGradientWhoseColorIsGoneAndALinkToARenamedSetting(): void
    {
        $own = ['scheme.night.gradient' => 'linear-gradient(90deg, {scheme.counter.ink} 0%, #101010 100%)'];
        $look = Fixtures::look($own, theme: Fixtures::theme('belfry', '1.0.0'));
        self::assertSame('', $look->text('scheme.night.gradient'));
        $millrace = Fixtures::theme('millrace', '1.0.0');
        $own = LookState::of(['grid.gap' => '{own.kicker.space}']);
        $was = Fixtures::look($own->own, theme: $millrace)->value('grid.gap');
        $merge = ThemeMerge::of($millrace, Fixtures::theme(), 'river-dusk', $own, new StorefrontCatalog());
        self::assertSame(
            $was,
            Fixtures::look([
                ...$own->own,
                ...array_filter($merge->changes([]), static fn(mixed $v): bool => $v !== null),
            ])->value('grid.gap'),
        );
    }

    private static function valueAt(ResolvedLook $look, string $path): mixed
    {
        return $look->catalog->has($path) ? $look->value($path) : null;
    }

    /** A theme with settings of its own that others can follow. */
    private static function theme(string $version): Theme
    {
        $millrace = Fixtures::theme();
        $own = [];
        foreach (range(1, 5) as $i) {
            $own[] = Setting::length("own.space$i", "Space $i", 'theme', StepKey::START, (float) mt_rand(0, 20), 0, 40);
            $own[] = Setting::choice(
                "own.kind$i",
                "Kind $i",
                'theme',
                StepKey::START,
                'a',
                ['a' => 'A', 'b' => 'B', 'c' => 'C'],
                ['a' => 'none', 'b' => 'block', 'c' => 'flex'],
            );
        }

        return self::made($millrace, $version, $millrace->brandColors, $millrace->schemes, $own, []);
    }

    private static function upgraded(Theme $old): Theme
    {
        $renamed = $removed = $retyped = [];
        $brand = $old->brandColors;
        foreach (array_keys($brand) as $key) {
            $chance = mt_rand(0, 9);
            if ($chance === 0) {
                unset($brand[$key]);
                $removed["brand.$key"] = 'gone';
            } elseif ($chance === 1) {
                unset($brand[$key]);
                $brand["{$key}x"] = "New $key";
                $renamed["brand.$key"] = "brand.{$key}x";
            }
        }
        $brand = $brand ?: ['main' => 'Main'];
        $schemes = mt_rand(0, 2) === 0 ? array_slice($old->schemes, 0, max(1, count($old->schemes) - 1), true) : $old->schemes;
        $own = [];
        foreach ($old->own as $setting) {
            $chance = mt_rand(0, 7);
            if ($chance === 0) {
                continue;
            }
            $isLength = str_contains($setting->path, 'space');
            if ($chance === 1) {
                $renamed[$setting->path] = "$setting->path.new";
            } elseif ($chance === 2 && $isLength) {
                $retyped[$setting->path] = [['upto' => 10.0, 'to' => 'a'], ['upto' => 30.0, 'to' => 'b']];
                $own[] = Setting::choice(
                    $setting->path,
                    $setting->label,
                    'theme',
                    StepKey::START,
                    'a',
                    ['a' => 'A', 'b' => 'B'],
                    ['a' => 'none', 'b' => 'block'],
                );

                continue;
            }
            $path = $chance === 1 ? "$setting->path.new" : $setting->path;
            $own[] = $isLength
                ? Setting::length($path, $setting->label, 'theme', StepKey::START, (float) mt_rand(0, 20), 0, $chance === 3 ? 20 : 40)
                : Setting::choice(
                    $path,
                    $setting->label,
                    'theme',
                    StepKey::START,
                    'a',
                    array_slice($setting->type->choices, 0, mt_rand(2, 3), true),
                    $setting->type->cssValues,
                );
        }

        return self::made($old, '2.0.0', $brand, $schemes, $own, ['1.0.0' => new ThemeChange($renamed, $removed, $retyped)]);
    }

    /**
     * @param array<string, string> $brand
     * @param array<string, string> $schemes
     * @param list<Setting> $own
     * @param array<string, ThemeChange> $changes
     */
    private static function made(Theme $from, string $version, array $brand, array $schemes, array $own, array $changes): Theme
    {
        $values = array_filter(
            $from->values,
            static fn(bool|float|string $v, string $path): bool => ! str_starts_with($path, 'own.')
                && ! str_starts_with($path, 'brand.')
                && ! str_starts_with($path, 'scheme.'),
            ARRAY_FILTER_USE_BOTH,
        );
        foreach (array_keys($brand) as $key) {
            $values["brand.$key"] = $from->values["brand.$key"] ?? sprintf('#%06x', mt_rand(0, 0xFFFFFF));
        }
        foreach ($from->values as $path => $value) {
            if (preg_match('/^scheme\.([a-z0-9]+)\./', $path, $m) && isset($schemes[$m[1]])) {
                $values[$path] = $value;
            }
        }

        return new Theme(
            'made',
            'Made',
            $version,
            'Test',
            '',
            $brand,
            $schemes,
            $values,
            ['first' => new Starter('first', 'First', '', [])],
            own: $own,
            changes: $changes,
        );
    }

    private static function own(Theme $theme): LookState
    {
        $catalog = Fixtures::catalog([], $theme);
        $pick = static fn(array $from): string => (string) $from[array_rand($from)];
        $brand = array_map(static fn(string $k): string => "brand.$k", array_keys($theme->brandColors));
        $scheme = $pick(array_keys($theme->schemes));
        $own = [Base::VERSION => $theme->version];
        foreach (range(1, 12) as $ignored) {
            $setting = $catalog->get($pick(array_keys($catalog->all())));
            $own += [$setting->path => $setting->default];
        }
        $links = array_map(
            static fn(Setting $s): string => $s->path,
            array_filter($theme->own, static fn(Setting $s): bool => $s->type instanceof LengthType),
        );
        if ($links !== []) {
            $own['grid.gap'] = '{'.$pick($links).'}';
            $own[$pick($links)] = (float) mt_rand(0, 40);
        }
        foreach ($theme->own as $setting) {
            if ($setting->type instanceof ChoiceType && mt_rand(0, 1) === 1) {
                $own[$setting->path] = $pick(array_keys($setting->type->choices));
            }
        }
        $own["scheme.$scheme.link"] = '{'.$pick($brand).'}';
        $own["scheme.$scheme.gradient"] = sprintf(
            'linear-gradient(%ddeg, {%s} 0%%, {scheme.%s.ink} 60%%, #101010 100%%)',
            mt_rand(0, 359),
            $pick($brand),
            $pick(array_keys($theme->schemes)),
        );
        $own[$pick($brand)] = sprintf('#%06x', mt_rand(0, 0xFFFFFF));
        $own['page.scheme'] = $pick(array_keys($theme->schemes));
        $own['dark.on'] = mt_rand(0, 3) === 0;

        return LookState::of(array_filter(
            $own,
            static fn(mixed $v, string $path): bool => str_starts_with($path, 'base.')
                || ($catalog->has($path) && self::isFit($catalog, $path, $v)),
            ARRAY_FILTER_USE_BOTH,
        ));
    }

    private static function isFit(\Ikat\Core\Setting\SettingCatalog $catalog, string $path, mixed $value): bool
    {
        try {
            $catalog->normalize($path, $value);

            return true;
        } catch (\Ikat\Core\Setting\LookException) {
            return false;
        }
    }
}
