<?php

declare(strict_types=1);

namespace Ikat\Core\Palette;

use Ikat\Core\Color\Ciede2000;
use Ikat\Core\Color\Color;
use Ikat\Core\Color\ColorSpace;
use Ikat\Core\Color\Compositing;
use Ikat\Core\Color\Contrast;
use Ikat\Core\Color\ContrastFix;
use Ikat\Core\Compile\SchemeStates;
use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Setting\Alias;
use Ikat\Core\Setting\SchemeRoles;

/**
 * Proposes all roles of a new color scheme from a ground and a brand color.
 *
 * Each role follows the brand color that does its work and holds its contrast (WCAG 2.2, 1.4.3 and 1.4.11), so that the
 * new scheme follows the brand as the others do; only where none holds does it get a color of its own, the nearest that does.
 */
final class SchemeMaker
{
    private const TEXT = 4.5;
    private const EDGE = 3.0;

    /** @var array<string, string> role => alias or hex */
    private array $written = [];

    /** @param non-empty-array<string, Color> $brand key => color */
    private function __construct(private readonly array $brand) {}

    /**
     * @param list<string> $brandKeys the brand colors there are
     * @param list<string> $schemes those there are, for their messages
     *
     * @return array<string, string> role => alias or hex; every role of SchemeRoles
     */
    public static function propose(ResolvedLook $look, array $brandKeys, array $schemes, string $ground, string $brand): array
    {
        $colors = array_combine(
            $brandKeys,
            array_map(static fn(string $key): Color => Color::parse($look->text("brand.$key")), $brandKeys),
        );
        $maker = new self($colors === [] ? ['main' => Color::parse('#333333')] : $colors);

        return $maker->run($look, $schemes, $ground, $brand);
    }

    /**
     * @param list<string> $schemes
     *
     * @return array<string, string>
     */
    private function run(ResolvedLook $look, array $schemes, string $groundKey, string $brandKey): array
    {
        $ground = $this->put('ground', $groundKey);
        $isDark = Contrast::isDark($ground);
        $brand = $this->brand[$brandKey];
        $alike = array_filter($this->brand, static fn(Color $c): bool => Contrast::isDark($c) === $isDark);
        $field = $this->put('field', $isDark ? $groundKey : (string) $this->nearest(Color::parse('#ffffff'), $alike));
        $grounds = [$ground, $field];
        $ink = $this->strongest('ink', $grounds);
        $this->holding('heading', $brand, $grounds, self::TEXT);
        $this->holding('link', $brand, $grounds, self::TEXT);
        $this->put('menu', substr((string) Alias::target($this->written['ink']), 6) ?: null, $ink);
        $this->put('line', $this->nearest(self::mix($ink, $ground, 0.3), $this->brand));
        $action = $this->holding('action', $brand, $grounds, self::EDGE);
        $this->inkOn('action', $action);
        $quiet = $this->put('quiet', $this->nearest(self::mix($ink, $ground, 0.14), array_diff_key($alike, [$groundKey => 1]) ?: $alike));
        $this->inkOn('quiet', $quiet);
        $this->strongest('field-ink', [$field]);
        $this->holding('field-line', self::mix($ink, $ground, 0.5), $grounds, self::EDGE);
        $this->put('price', substr((string) Alias::target($this->written['ink']), 6) ?: null, $ink);
        $reduced = $this->holding('reduced', Color::in(ColorSpace::Oklch, $isDark ? 0.8 : 0.5, 0.16, 40)->shown(), $grounds, self::TEXT);
        $this->holding('rating', $reduced, $grounds, self::EDGE);
        $this->messages($look, $schemes, $isDark);
        $this->labels($reduced, $brand, $quiet);

        return array_replace(array_fill_keys(array_keys(SchemeRoles::ALL), ''), $this->written);
    }

    /**
     * Messages carry a meaning, not the brand: they are those of a scheme on the same kind of ground.
     *
     * @param list<string> $schemes
     */
    private function messages(ResolvedLook $look, array $schemes, bool $isDark): void
    {
        $model = $schemes[0];
        foreach ($schemes as $scheme) {
            if (Contrast::isDark(Color::parse($look->text("scheme.$scheme.ground"))) === $isDark) {
                $model = $scheme;
                break;
            }
        }
        foreach (['done', 'notice', 'problem'] as $role) {
            foreach ([$role, "$role-ink"] as $each) {
                $this->written[$each] = $look->text("scheme.$model.$each");
            }
        }
    }

    private function labels(Color $reduced, Color $brand, Color $quiet): void
    {
        $used = [];
        foreach ([
            'label-sale' => $reduced, 'label-new' => $brand, 'label-own' => self::mix($brand, $reduced, 0.5), 'label-gone' => $quiet,
        ] as $role => $wanted) {
            $free = array_diff_key($this->brand, $used) ?: $this->brand;
            $key = (string) $this->nearest($wanted, $free);
            $used[$key] = true;
            $this->inkOn($role, $this->put($role, $key));
        }
    }

    /**
     * The brand color nearest to a wish that holds against some grounds; none does: the wish itself, moved until it does.
     *
     * @param non-empty-list<Color> $grounds
     */
    private function holding(string $role, Color $wish, array $grounds, float $target): Color
    {
        $fit = array_filter($this->brand, static fn(Color $c): bool => self::least($c, $grounds) >= $target);
        if ($fit !== []) {
            return $this->put($role, $this->nearest($wish, $fit));
        }

        return $this->put(
            $role,
            null,
            ContrastFix::meeting($wish, array_map(static fn(Color $g): array => [$g, $target], $grounds)) ?? self::end($grounds),
        );
    }

    /** @param non-empty-list<Color> $grounds */
    private function strongest(string $role, array $grounds): Color
    {
        $best = null;
        foreach ($this->brand as $key => $color) {
            if ($best === null || self::least($color, $grounds) > self::least($this->brand[$best], $grounds)) {
                $best = $key;
            }
        }
        $color = $this->brand[(string) $best];

        return self::least($color, $grounds) >= self::TEXT
            ? $this->put($role, (string) $best)
            : $this->put(
                $role,
                null,
                ContrastFix::meeting($color, array_map(static fn(Color $g): array => [$g, self::TEXT], $grounds)) ?? self::end($grounds),
            );
    }

    /** The ink of a filled control: it has to hold on the control as it is and as it is pointed at. */
    private function inkOn(string $role, Color $fill): void
    {
        $ink = $this->strongest("$role-ink", [$fill]);
        if (! in_array($role, ['action', 'quiet'], true)) {
            return;
        }
        $states = SchemeStates::of([
            ...array_fill_keys(['ink', 'ground', 'link', 'action', 'quiet', 'action-ink', 'quiet-ink'], $ink),
            $role => $fill,
            "$role-ink" => $ink,
        ]);
        if (Contrast::ratio($ink, $states["$role-hover"]) < self::TEXT) {
            $this->put("$role-ink", null, self::end([$fill, $states["$role-hover"]]));
        }
    }

    private function put(string $role, ?string $key, ?Color $color = null): Color
    {
        $this->written[$role] = $key !== null ? Alias::to("brand.$key") : ($color ?? Color::parse('#000'))->hex();

        return $key !== null ? $this->brand[$key] : $color ?? Color::parse('#000');
    }

    /** @param array<string, Color> $among */
    private function nearest(Color $wish, array $among): ?string
    {
        $best = null;
        foreach ($among as $key => $color) {
            $distance = Ciede2000::difference($wish, $color);
            if ($best === null || $distance < $best[1]) {
                $best = [(string) $key, $distance];
            }
        }

        return $best[0] ?? null;
    }

    /** @param non-empty-list<Color> $grounds */
    private static function least(Color $color, array $grounds): float
    {
        return min(array_map(static fn(Color $g): float => Contrast::ratio($color, $g), $grounds));
    }

    /** @param non-empty-list<Color> $grounds */
    private static function end(array $grounds): Color
    {
        $white = Color::in(ColorSpace::Srgb, 1, 1, 1);
        $black = Color::in(ColorSpace::Srgb, 0, 0, 0);

        return self::least($white, $grounds) > self::least($black, $grounds) ? $white : $black;
    }

    private static function mix(Color $top, Color $bottom, float $share): Color
    {
        return Compositing::over($top->withAlpha($share), $bottom->withAlpha(1));
    }
}
