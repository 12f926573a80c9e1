<?php

declare(strict_types=1);

namespace Ikat\Core\Palette;

use Ikat\Core\Color\Ciede2000;
use Ikat\Core\Color\Color;
use Ikat\Core\Look\ColorInventory;
use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Look\Theme;
use Ikat\Core\Setting\Alias;
use Ikat\Core\Setting\Gradient;
use Ikat\Core\Setting\SettingPath;
use Ikat\Core\Setting\Type\ColorType;
use Ikat\Core\Setting\Type\GradientType;
use Ikat\Core\Setting\Type\SettingType;

/** What follows what: the followers of a brand color, what becomes of them without it, and the roles that went their own way. */
final class BrandFollowers
{
    /** CIEDE2000 up to which a role that went its own way is said to be near a brand color (common practice, no source). */
    private const NEAR = 12.0;

    /** @return list<string> the paths that follow a setting directly, gradients with a stop that does among them */
    public static function direct(ResolvedLook $look, string $path): array
    {
        $found = [];
        foreach ($look->all() as $other => $resolution) {
            $written = $resolution->written;
            if (
                Alias::target($written) === $path
                || (self::isGradient($resolution->setting->type, $written) && in_array(
                    $path,
                    Gradient::parse((string) $written)->followed(),
                    true,
                ))
            ) {
                $found[] = $other;
            }
        }

        return $found;
    }

    /**
     * The changes that take a brand color away. It is put away, not lost: what still names it finds its heir there.
     *
     * @param array<string, string> $instead path of a follower => key of the brand color it shall follow, where it is not the heir
     *
     * @return array<string, string> path => value
     */
    public static function without(ResolvedLook $look, Theme $theme, string $key, string $heir, array $instead = []): array
    {
        $changes = ColorInventory::putAway($look, $theme->brandColors, 'brand', $key);
        // An heir that followed what goes keeps its color.
        if (in_array("brand.$heir", $look->followersOf("brand.$key"), true)) {
            $changes["brand.$heir"] = $look->text("brand.$heir");
        }
        foreach (self::direct($look, "brand.$key") as $path) {
            if ($path === "brand.$heir") {
                continue;
            }
            $to = 'brand.'
                .(isset($theme->brandColors[$instead[$path] ?? '']) && ($instead[$path] ?? '') !== $key ? $instead[$path] : $heir);
            $written = (string) $look->at($path)->written;
            $changes[$path] = self::isGradient($look->at($path)->setting->type, $written)
                ? Gradient::parse($written)
                ->with(static fn(string $c): string => Alias::target($c) === "brand.$key" ? Alias::to($to) : $c)
                ->text()
                : Alias::to($to);
        }

        // Of the theme's own something may still speak, in another starter or version; of the merchant's nothing does.
        return SettingPath::isOwnKey($key) ? $changes : [...$changes, "brand.$key" => Alias::to("brand.$heir")];
    }

    /**
     * Roles with a color of their own, and the brand color each could follow: the one it followed in the original, or the nearest.
     *
     * @param ResolvedLook $original the look without own changes of colors
     *
     * @return list<array{path: string, label: string, color: string, to: string, to_label: string, to_color: string, difference: float,
     *     was: bool}>
     */
    public static function departures(ResolvedLook $look, ResolvedLook $original, Theme $theme): array
    {
        $found = [];
        foreach ($theme->schemes as $scheme => $label) {
            foreach ($look->catalog->under("scheme.$scheme") as $setting) {
                $resolution = $look->at($setting->path);
                if (! $setting->type instanceof ColorType || $resolution->chain !== []) {
                    continue;
                }
                $was = $original->catalog->has($setting->path) ? Alias::target($original->at($setting->path)->written) : null;
                $isOriginal = $original->catalog->has($setting->path) && $original->at($setting->path)->written === $resolution->written;
                $to = $was !== null && $look->catalog->has($was) && ! isset($theme->brandColors[SettingPath::of($was)->brand ?? ''])
                    ? null
                    : $was;
                $color = Color::parse((string) $resolution->value);
                $to ??= $isOriginal ? null : self::nearest($look, $theme, $color);
                if ($to === null) {
                    continue;
                }
                $target = Color::parse($look->text($to));
                $found[] = [
                    'path' => $setting->path, 'label' => $setting->label, 'color' => $color->hex(), 'to' => $to,
                    'to_label' => $look->catalog->get($to)->label, 'to_color' => $target->hex(),
                    'difference' => Ciede2000::difference($color, $target), 'was' => $to === $was,
                ];
            }
        }

        return $found;
    }

    private static function nearest(ResolvedLook $look, Theme $theme, Color $color): ?string
    {
        $best = null;
        foreach (array_keys($theme->brandColors) as $key) {
            $distance = Ciede2000::difference($color, Color::parse($look->text("brand.$key")));
            if ($distance <= self::NEAR && ($best === null || $distance < $best[1])) {
                $best = ["brand.$key", $distance];
            }
        }

        return $best[0] ?? null;
    }

    private static function isGradient(SettingType $type, mixed $written): bool
    {
        return $type instanceof GradientType && is_string($written) && $written !== '';
    }
}
