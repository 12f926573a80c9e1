<?php

declare(strict_types=1);

namespace Ikat\Core\Look;

use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\SettingPath;
use Ikat\Core\Setting\Type\ChoiceType;

/** The parts of a storefront that wear color schemes. */
final class SchemeUses
{
    /** @return list<Setting> every setting that names a scheme, in the order of the catalog */
    public static function settings(ResolvedLook $look, Theme $theme): array
    {
        return array_values(array_filter(
            $look->catalog->all(),
            static fn(Setting $s): bool => $s->type instanceof ChoiceType
                && $theme->schemes !== []
                && array_diff_key($theme->schemes, $s->type->choices) === [],
        ));
    }

    /** What a setting that names a scheme names it for: "Header" for "Header: color scheme". */
    public static function wearer(Setting $setting): string
    {
        return (string) preg_replace('/:? color scheme$/i', '', $setting->label);
    }

    /** Whether it names the scheme of a single button or block, which stands in a part that has one itself. */
    public static function isWithinAPart(Setting $setting): bool
    {
        return str_ends_with($setting->path, '.button.scheme') || SettingPath::of($setting->path)->item?->prefix === 'block';
    }

    /** @return list<Setting> those that name one scheme */
    public static function of(ResolvedLook $look, Theme $theme, string $scheme): array
    {
        return array_values(array_filter(self::settings($look, $theme), static fn(Setting $s): bool => $look->value($s->path) === $scheme));
    }

    /**
     * The changes that take a scheme away: every part that wears it wears another.
     *
     * @param array<string, string> $instead path => scheme, where it is not the heir
     *
     * @return array<string, string> path => value
     */
    public static function without(ResolvedLook $look, Theme $theme, string $scheme, string $heir, array $instead = []): array
    {
        $changes = ColorInventory::putAway($look, $theme->schemes, 'scheme', $scheme);
        foreach (self::of($look, $theme, $scheme) as $setting) {
            $wanted = $instead[$setting->path] ?? $heir;
            $changes[$setting->path] = $setting->accepts($wanted) && $wanted !== $scheme ? $wanted : $heir;
        }

        return $changes;
    }
}
