<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Catalog;

use Ikat\Core\Look\ColorInventory;
use Ikat\Core\Look\Theme;
use Ikat\Core\Setting\SchemeRoles;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\StepKey;

/** Brand colors and color schemes: the theme's, those the merchant added, and the colors of dark surroundings. */
final class ColorSettings
{
    private const MOST_BRAND_COLORS = 24;
    private const MOST_SCHEMES = 24;

    /** @return iterable<Setting> */
    public static function for(Theme $theme, ColorInventory $inventory): iterable
    {
        yield Setting::keys(
            ColorInventory::BRAND,
            'Brand colors in their order',
            StepKey::COLORS,
            $theme->brandColors,
            self::MOST_BRAND_COLORS,
            'palette add remove order',
        );
        yield Setting::keys(
            ColorInventory::BRAND_AWAY,
            'Brand colors put away',
            StepKey::COLORS,
            $theme->brandColors,
            self::MOST_BRAND_COLORS,
            'palette remove',
            true,
        );
        foreach ($inventory->brand + $inventory->brandAway as $key => $label) {
            yield Setting::color(
                "brand.$key",
                $label,
                'every page',
                (string) ($theme->values["brand.$key"] ?? '#808080'),
                'brand color palette',
            );
            yield Setting::text(
                "name.brand.$key",
                "Name of the brand color $label",
                'every page',
                StepKey::COLORS,
                '',
                24,
                'rename palette',
            );
        }
        yield Setting::keys(
            ColorInventory::SCHEMES,
            'Color schemes in their order',
            StepKey::COLORS,
            $theme->schemes,
            self::MOST_SCHEMES,
            'scheme add remove order',
        );
        yield Setting::keys(
            ColorInventory::SCHEMES_AWAY,
            'Color schemes put away',
            StepKey::COLORS,
            $theme->schemes,
            self::MOST_SCHEMES,
            'scheme remove',
            true,
        );
        $first = (string) array_key_first($theme->schemes);
        foreach ($inventory->schemes + $inventory->schemesAway as $key => $label) {
            $default = static fn(string $role): string
                => (string) ($theme->values["scheme.$key.$role"] ?? $theme->values["scheme.$first.$role"] ?? '#808080');
            foreach (SchemeRoles::ALL as $role => [$name, $words]) {
                yield Setting::color("scheme.$key.$role", "$label: $name", 'every page', $default($role), $words.' color scheme');
            }
            yield Setting::gradient(
                "scheme.$key.gradient",
                "$label: gradient of the background",
                'every page',
                (string) ($theme->values["scheme.$key.gradient"] ?? ''),
                'background blend fade color scheme',
            );
            yield Setting::text(
                "name.scheme.$key",
                "Name of the scheme $label",
                'every page',
                StepKey::COLORS,
                '',
                24,
                'rename color scheme',
            );
        }
        yield Setting::switch(
            ColorInventory::DARK,
            'Colors of their own in dark surroundings',
            'every page',
            StepKey::COLORS,
            false,
            'dark mode night prefers-color-scheme device',
        );
        foreach ($inventory->dark ? $inventory->schemes : [] as $key => $label) {
            foreach (SchemeRoles::ALL as $role => [$name, $words]) {
                yield Setting::color(
                    "dark.$key.$role",
                    "$label in the dark: $name",
                    'every page',
                    '{'."scheme.$key.$role".'}',
                    $words.' dark mode color scheme',
                );
            }
            yield Setting::gradient(
                "dark.$key.gradient",
                "$label in the dark: gradient of the background",
                'every page',
                '',
                'dark mode background blend',
            );
        }
    }
}
