<?php

declare(strict_types=1);

namespace Tests\Core\Compile;

use Ikat\Core\Color\Color;
use Ikat\Core\Color\Contrast;
use Ikat\Core\Compile\LookCompiler;
use Ikat\Core\Compile\SchemeStates;
use Ikat\Core\Compile\TypeScale;
use Ikat\Core\Setting\Type\ChoiceType;
use Ikat\Core\Setting\Type\GradientType;
use Ikat\Core\Setting\Type\RangeType;
use PHPUnit\Framework\TestCase;
use Tests\Core\Fixtures;

final class LookCompilerTest extends TestCase
{
    public function testAnAliasStaysAnAlias(): void
    {
        $css = LookCompiler::compile(Fixtures::look(['brand.main' => '#123456']), Fixtures::theme())->css;
        self::assertStringContainsString('--brand-main:#123456', $css);
        self::assertStringContainsString('--scheme-night-ground:var(--brand-main)', $css);
        self::assertStringContainsString('.scheme-night{--ground:var(--scheme-night-ground)', $css);
        self::assertStringContainsString('--header-logo-size-desktop:33px', $css);
        self::assertStringContainsString('--shape-underline:underline', $css);
    }

    public function testTheSameLookGivesTheSameFile(): void
    {
        $hash = static fn(array $own): string => LookCompiler::compile(Fixtures::look($own), Fixtures::theme())->hash;
        self::assertSame($hash([]), $hash([]));
        self::assertNotSame($hash([]), $hash(['grid.gap' => 30.0]));
    }

    public function testEveryStyleSettingChangesTheStylesheet(): void
    {
        $before = LookCompiler::compile(Fixtures::look(), Fixtures::theme())->hash;
        foreach (Fixtures::catalog()->all() as $path => $setting) {
            if (! $setting->isCss()) {
                continue;
            }
            $now = Fixtures::look()->value($path);
            $other = match (true) {
                $setting->type instanceof ChoiceType => current(array_diff(array_keys($setting->type->choices), [$now])),
                $setting->type instanceof RangeType => $now === $setting->type->max ? $setting->type->min : $setting->type->max,
                $setting->type instanceof GradientType => 'linear-gradient(90deg, {brand.main} 0%, #fe01dc 100%)',
                default => '#fe01dc',
            };
            self::assertNotSame($before, LookCompiler::compile(Fixtures::look([$path => $other]), Fixtures::theme())->hash, $path);
        }
    }

    public function testHoverMovesAwayFromItsInk(): void
    {
        foreach ([['#2c2b76', '#ffffff'], ['#f6c159', '#20212b'], ['#000000', '#ffffff']] as [$action, $ink]) {
            $roles = [
                'link' => Color::parse('#225'), 'action' => Color::parse($action), 'action-ink' => Color::parse($ink),
                'quiet' => Color::parse('#eee'), 'quiet-ink' => Color::parse('#222'), 'ink' => Color::parse('#222'),
                'ground' => Color::parse('#fff'),
            ];
            $states = SchemeStates::of($roles);
            self::assertNotSame($action, $states['action-hover']->hex());
            self::assertGreaterThanOrEqual(4.5, Contrast::ratio($states['action-hover'], $roles['action-ink']));
            self::assertGreaterThanOrEqual(4.5, Contrast::ratio($states['soft'], $roles['ground']));
            self::assertGreaterThanOrEqual(3.0, Contrast::ratio($states['focus'], $roles['ground']));
        }
    }

    /** CSS Values and Units Level 4: clamp(MIN, VAL, MAX) with MIN reached at 390 px and MAX at 1280 px. */
    public function testTheTypeScaleIsMetAtBothEnds(): void
    {
        $sizes = TypeScale::sizes(16, 1.26);
        self::assertSame('16px', $sizes[0]);
        self::assertMatchesRegularExpression('/^clamp\(([\d.]+)px, (-?[\d.]+)px \+ ([\d.]+)vw, ([\d.]+)px\)$/', $sizes[4]);
        sscanf($sizes[4], 'clamp(%fpx, %fpx + %fvw, %fpx)', $min, $base, $slope, $max);
        self::assertEqualsWithDelta($min, $base + $slope * 3.9, 0.05);
        self::assertEqualsWithDelta($max, $base + $slope * 12.8, 0.05);
        self::assertEqualsWithDelta(16 * 1.26 ** 4, $max, 0.01);
    }

    public function testAnItemHandsItsOwnValuesToItsElements(): void
    {
        $compiled = LookCompiler::compile(
            Fixtures::look(['home.bands' => 'space-1,space-2', 'band.space-2.height' => 90.0]),
            Fixtures::theme(),
        );
        self::assertStringContainsString('.its-band-space-2{--its-height:var(--band-space-2-height)}', $compiled->rules);
        self::assertStringContainsString('--band-space-2-height:90px', $compiled->css);
        self::assertStringNotContainsString('its-band-lead', $compiled->css);
        self::assertStringNotContainsString('--band-space-2-height:', $compiled->rules, 'the rules do not depend on values');
    }

    public function testAChoiceThatStandsForASettingChangesWithIt(): void
    {
        $compiled = LookCompiler::compile(Fixtures::look(['home.bands' => 'lead-1']), Fixtures::theme());
        self::assertSame(['shape.radius'], $compiled->derived['--shape-button']);
        self::assertSame(['shape.border'], $compiled->derived['--checkout-field']);
        self::assertSame(
            ['type.heading.size.phone', 'type.heading.size.desktop', 'type.base', 'type.scale'],
            $compiled->derived['--band-lead-1-size'],
        );
    }
}
