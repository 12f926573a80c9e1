<?php

declare(strict_types=1);

namespace Ikat\Core\Compile;

use Ikat\Core\Color\Color;
use Ikat\Core\Look\ColorInventory;
use Ikat\Core\Look\Resolution;
use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Look\Theme;
use Ikat\Core\Setting\Alias;
use Ikat\Core\Setting\Catalog\Shapes;
use Ikat\Core\Setting\ColorSet;
use Ikat\Core\Setting\Gradient;
use Ikat\Core\Setting\SchemeRoles;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\SettingPath;
use Ikat\Core\Setting\SizeRule;
use Ikat\Core\Setting\Type\ChoiceType;
use Ikat\Core\Type\FontFaces;
use Ikat\Core\Type\FontFamily;
use Ikat\Core\Type\SpokenFace;
use Ikat\Core\Type\Voice;

/**
 * A resolved look to CSS.
 *
 * Every style setting becomes a custom property on the root; an alias stays an alias (var()), so that a followed
 * color changes everything that follows it. A scheme class hands its scheme's colors to the role properties.
 */
final class LookCompiler
{
    public static function compile(ResolvedLook $look, Theme $theme): CompiledLook
    {
        $root = [];
        $derived = [];
        $items = [];
        foreach ($look->all() as $path => $resolution) {
            if (! $resolution->setting->isCss()) {
                continue;
            }
            $property = $resolution->setting->property();
            $root[$property] = self::written($resolution);
            // A choice may stand for another setting: buttons "with the corner radius" change when that does.
            if ($resolution->setting->type instanceof ChoiceType && preg_match('/^var\((--[a-z0-9-]+)\)$/', $root[$property], $m)) {
                $derived[$property] = self::behind($m[1], $look);
            }
            $its = SettingPath::of($path);
            if ($its->item !== null) {
                $items[$its->item->cssClass()]['--its-'.str_replace('.', '-', $its->suffix)] = "var($property)";
            }
        }
        foreach (TypeScale::sizes((float) $look->value('type.base'), (float) $look->value('type.scale')) as $step => $size) {
            $property = '--type-step-'.($step < 0 ? 'small' : $step);
            $root[$property] = $size;
            $derived[$property] = ['type.base', 'type.scale'];
        }
        foreach (Voice::cases() as $voice) {
            $ends = array_map(static fn(string $end): string => $voice->path("size.$end"), ['phone', 'desktop']);
            $root["--type-$voice->value-size"] = TypeScale::between(...array_map(
                static fn(string $path): string => 'var('.SettingPath::property($path).')',
                $ends,
            ));
            $isRuled = array_filter($ends, static fn(string $path): bool => $look->at($path)->isRuled()) !== [];
            $derived["--type-$voice->value-size"] = [...$ends, ...$isRuled ? SizeRule::FROM : []];
        }
        foreach (Shapes::pointed($look->text('shape.pointed')) as $what => $css) {
            $root["--shape-pointed-$what"] = $css;
            $derived["--shape-pointed-$what"] = ['shape.pointed'];
        }
        $classes = '';
        foreach (array_keys($theme->schemes) as $scheme) {
            $root = [...$root, ...self::states($look, ColorSet::of($scheme))];
            $gradient = $look->text("scheme.$scheme.gradient");
            if ($gradient !== '') {
                $derived["--scheme-$scheme-gradient"] = Gradient::parse($gradient)->followed();
            }
            foreach (SchemeStates::SOURCES as $state => $sources) {
                $derived["--scheme-$scheme-$state"] = array_map(static fn(string $r): string => "scheme.$scheme.$r", $sources);
            }
            $classes .= self::schemeClass($scheme);
        }
        foreach ($items as $class => $properties) {
            $classes .= ".$class{".self::declarations($properties)."}\n";
        }
        $css = FontFaces::css(
            self::families($look),
            self::italics($look),
        ).':root{'.self::declarations($root)."}\n".self::dark($look, $theme).$classes;

        return new CompiledLook($css, substr(hash('sha256', $css), 0, 20), $derived, $root, $classes);
    }

    /** What a device that asks for dark surroundings gets instead. */
    private static function dark(ResolvedLook $look, Theme $theme): string
    {
        if ($look->value(ColorInventory::DARK) !== true) {
            return '';
        }
        $root = ['color-scheme' => 'light dark'];
        foreach (array_keys($theme->schemes) as $scheme) {
            foreach ([...array_keys(SchemeRoles::ALL), 'gradient'] as $role) {
                $root["--scheme-$scheme-$role"] = "var(--dark-$scheme-$role)";
            }
            $root = [...$root, ...self::states($look, ColorSet::of($scheme, true))];
        }

        return '@media (prefers-color-scheme: dark){:root{'.self::declarations($root)."}}\n";
    }

    /** @return array<string, string> custom property of a derived role => its color, as a set of colors gives it */
    private static function states(ResolvedLook $look, ColorSet $set): array
    {
        $roles = array_combine(array_keys(SchemeRoles::ALL), array_map(
            static fn(string $role): Color => Color::parse($look->text($set->path($role))),
            array_keys(SchemeRoles::ALL),
        ));
        $states = [];
        foreach (SchemeStates::of($roles) as $state => $color) {
            $states["--scheme-$set->scheme-$state"] = $color->hex();
        }

        return $states;
    }

    /** @return list<FontFamily> the families the look speaks in, the text's first */
    public static function families(ResolvedLook $look): array
    {
        // The text is what most of a page is.
        $families = [];
        foreach ([Voice::Body, ...Voice::cases()] as $voice) {
            $family = SpokenFace::of($look, $voice)->family;
            $families[$family->key] ??= $family;
        }

        return array_values($families);
    }

    /** @return list<string> keys of the families it speaks in italic */
    public static function italics(ResolvedLook $look): array
    {
        $faces = array_map(static fn(Voice $voice): SpokenFace => SpokenFace::of($look, $voice), Voice::cases());

        return array_values(array_unique(array_map(
            static fn(SpokenFace $face): string => $face->family->key,
            array_filter($faces, static fn(SpokenFace $face): bool => $face->isItalic),
        )));
    }

    /** @return list<string> */
    private static function behind(string $property, ResolvedLook $look): array
    {
        if (str_starts_with($property, '--type-step-')) {
            return ['type.base', 'type.scale'];
        }

        if (preg_match('/^--type-([a-z]+)-size$/', $property, $m) === 1 && ($voice = Voice::tryFrom($m[1])) !== null) {
            return [$voice->path('size.phone'), $voice->path('size.desktop'), ...SizeRule::FROM];
        }

        return array_keys(array_filter($look->catalog->all(), static fn(Setting $s): bool => $s->property() === $property));
    }

    /** What a setting's custom property is set to. */
    public static function written(Resolution $resolution): string
    {
        if ($resolution->chain !== []) {
            return 'var('.SettingPath::property($resolution->chain[0]).')';
        }

        return self::literal($resolution->setting, $resolution->value);
    }

    /**
     * A value of a setting, or an alias, as CSS.
     *
     * @throws UnsafeCss when a theme's own choice or unit is more than one plain value
     */
    public static function literal(Setting $setting, bool|float|string $value): string
    {
        if (($target = Alias::target($value)) !== null) {
            return 'var('.SettingPath::property($target).')';
        }

        return $setting->type->css($value);
    }

    private static function schemeClass(string $scheme): string
    {
        $roles = [];
        foreach ([...array_keys(SchemeRoles::ALL), ...array_keys(SchemeStates::SOURCES), 'gradient'] as $role) {
            $roles["--$role"] = "var(--scheme-$scheme-$role)";
        }

        return ".scheme-$scheme{".self::declarations($roles)."}\n";
    }

    /** @param array<string, string> $properties */
    private static function declarations(array $properties): string
    {
        return implode(';', array_map(static fn(string $k, string $v): string => "$k:$v", array_keys($properties), $properties));
    }
}
