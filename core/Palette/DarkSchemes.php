<?php

declare(strict_types=1);

namespace Ikat\Core\Palette;

use Ikat\Core\Color\Color;
use Ikat\Core\Color\ColorSpace;
use Ikat\Core\Color\Contrast;
use Ikat\Core\Color\ContrastFix;
use Ikat\Core\Look\AliasCycle;
use Ikat\Core\Look\ColorInventory;
use Ikat\Core\Look\Layer;
use Ikat\Core\Look\LayerKind;
use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Look\Resolver;
use Ikat\Core\Setting\Alias;
use Ikat\Core\Setting\Gradient;
use Ikat\Core\Setting\SchemeRoles;
use Ikat\Core\Setting\SettingCatalog;

/**
 * The second set of colors, for visitors whose device asks for dark surroundings (prefers-color-scheme: dark).
 *
 * A scheme on a dark ground stays as it is. On a light one, grounds are turned over in lightness (OKLCH) and keep a breath
 * of their hue; what stands on them is turned over too and then moved, hue kept, to where it holds its contrast; buttons,
 * labels and messages keep their color as far as it can be kept. Common practice, no source.
 */
final class DarkSchemes
{
    /** OKLCH lightness of the darkest ground, and how much lighter the grounds above it become. */
    private const DARKEST = 0.17;
    private const SPREAD = 0.75;

    private const GROUND_CHROMA = 0.03;

    /** Messages and labels keep more of their hue: it carries a meaning. */
    private const FILLED_CHROMA = 0.07;

    /** Aimed at a little above what is asked, so that derived states hold too. */
    private const SLACK = 1.06;

    /** ink role => grounds it may stand on, with the contrast asked (WCAG 2.2, 1.4.3 and 1.4.11) */
    private const ON_GROUNDS = [
        'ink' => 4.5, 'heading' => 4.5, 'link' => 4.5, 'menu' => 4.5, 'price' => 4.5, 'reduced' => 4.5, 'rating' => 3.0,
        'field-line' => 3.0,
    ];

    private const FILLED = ['action', 'quiet', 'done', 'notice', 'problem', 'label-sale', 'label-new', 'label-gone', 'label-own'];

    /**
     * A look with its dark set: what the rule makes of its colors lies under the merchant's own changes.
     *
     * @param list<Layer> $layers weakest first; the last holds the merchant's own changes
     * @param list<Layer> $seasons laid over them
     * @param bool $cutsCircles as Resolver takes it
     *
     * @throws AliasCycle
     */
    public static function resolve(
        SettingCatalog $catalog,
        array $layers,
        array $seasons,
        ColorInventory $inventory,
        bool $cutsCircles = false,
    ): ResolvedLook {
        $resolved = Resolver::resolve($catalog, [...$layers, ...$seasons], $cutsCircles);
        if (! $inventory->dark) {
            return $resolved;
        }
        $rule = new Layer(LayerKind::Rule, 'for dark surroundings', self::of($resolved, array_keys($inventory->schemes)));

        return Resolver::resolve($catalog, [...array_slice($layers, 0, -1), $rule, ...array_slice($layers, -1), ...$seasons], $cutsCircles);
    }

    /**
     * @param list<string> $schemes
     *
     * @return array<string, string> dark.… path => hex, or gradient
     */
    public static function of(ResolvedLook $look, array $schemes): array
    {
        $values = [];
        foreach ($schemes as $scheme) {
            $roles = array_combine(
                array_keys(SchemeRoles::ALL),
                array_map(
                    static fn(string $role): Color => Color::parse($look->text("scheme.$scheme.$role")),
                    array_keys(SchemeRoles::ALL),
                ),
            );
            $dark = Contrast::isDark($roles['ground']) ? $roles : self::turned($roles);
            foreach ($dark as $role => $color) {
                $values["dark.$scheme.$role"] = $color->hex();
            }
            $gradient = $look->text("scheme.$scheme.gradient");
            if ($gradient !== '') {
                $resolve = static fn(string $c): Color
                    => Color::parse(Alias::target($c) === null ? $c : $look->text((string) Alias::target($c)));
                $values["dark.$scheme.gradient"] = Gradient::parse($gradient)->with(static function (string $c) use ($resolve): string {
                    $color = $resolve($c);

                    return (Contrast::isDark($color) ? $color : self::ground($color))->hex();
                })->text();
            }
        }

        return $values;
    }

    /**
     * @param array<string, Color> $roles of a scheme on a light ground
     *
     * @return array<string, Color>
     */
    private static function turned(array $roles): array
    {
        $dark = $roles;
        $dark['ground'] = self::ground($roles['ground']);
        $dark['field'] = Contrast::isDark($roles['field']) ? $roles['field'] : self::ground($roles['field']);
        foreach (self::FILLED as $role) {
            $dark[$role] = match (true) {
                // A button has to be seen as one (WCAG 2.2, 1.4.11).
                $role === 'action' => self::readable(self::calm($roles[$role]), [[$dark['ground'], 3.0], [$dark['field'], 3.0]]),
                Contrast::isDark($roles[$role]) || self::chroma($roles[$role]) > self::FILLED_CHROMA => self::calm($roles[$role]),
                default => self::ground($roles[$role], 0.26, self::FILLED_CHROMA),
            };
            $dark["$role-ink"] = self::readable(
                Contrast::isDark($dark[$role]) === Contrast::isDark($roles[$role]) ? $roles["$role-ink"] : self::over($roles["$role-ink"]),
                [[$dark[$role], 4.5]],
            );
        }
        $dark['field-ink'] = self::readable(self::over($roles['field-ink']), [[$dark['field'], 4.5]]);
        foreach (self::ON_GROUNDS as $role => $target) {
            $dark[$role] = self::readable(self::over($roles[$role]), [[$dark['ground'], $target], [$dark['field'], $target]]);
        }
        $dark['line'] = self::over($roles['line']);

        return $dark;
    }

    private static function ground(Color $color, float $darkest = self::DARKEST, float $chroma = self::GROUND_CHROMA): Color
    {
        [$l, $c, $h] = $color->to(ColorSpace::Oklch)->coordinates();

        return Color::in(
            ColorSpace::Oklch,
            $darkest + self::SPREAD * max(0.0, 1 - ($l ?? 0.0)),
            min(1.6 * ($c ?? 0.0), $chroma),
            $h,
            $color->alpha,
        )->shown();
    }

    /** A filled control on a dark ground: a little lighter when it is nearly black, otherwise as it is. */
    private static function calm(Color $color): Color
    {
        [$l, $c, $h] = $color->to(ColorSpace::Oklch)->coordinates();

        return ($l ?? 0.0) < 0.36 ? Color::in(ColorSpace::Oklch, 0.36 + 0.3 * ($l ?? 0.0), $c, $h, $color->alpha)->shown() : $color;
    }

    private static function over(Color $ink): Color
    {
        [$l, $c, $h] = $ink->to(ColorSpace::Oklch)->coordinates();

        return Color::in(
            ColorSpace::Oklch,
            ($l ?? 0.0) < 0.6 ? 0.97 - 0.35 * ($l ?? 0.0) : $l,
            0.85 * ($c ?? 0.0),
            $h,
            $ink->alpha,
        )->shown();
    }

    /** @param non-empty-list<array{Color, float}> $demands */
    private static function readable(Color $ink, array $demands): Color
    {
        $more = array_map(static fn(array $d): array => [$d[0]->withAlpha(1), $d[1] * self::SLACK], $demands);

        return ContrastFix::meeting($ink->withAlpha(1), $more) ?? self::strongest($demands);
    }

    /** @param non-empty-list<array{Color, float}> $demands */
    private static function strongest(array $demands): Color
    {
        $least = static fn(Color $end): float => min(array_map(static fn(array $d): float => Contrast::ratio($end, $d[0]), $demands));
        [$white, $black] = [Color::in(ColorSpace::Srgb, 1, 1, 1), Color::in(ColorSpace::Srgb, 0, 0, 0)];

        return $least($white) >= $least($black) ? $white : $black;
    }

    private static function chroma(Color $color): float
    {
        return $color->to(ColorSpace::Oklch)->numbers()[1];
    }
}
