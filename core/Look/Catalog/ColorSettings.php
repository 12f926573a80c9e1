<?php

declare(strict_types=1);

namespace Ikat\Core\Look\Catalog;

use Ikat\Core\Look\Setting;
use Ikat\Core\Look\Theme;

/** Brand colors and color schemes; which ones there are is the theme's to say. */
final class ColorSettings
{
    /** @return iterable<Setting> */
    public static function for(Theme $theme): iterable
    {
        foreach ($theme->brandColors as $key => $label) {
            yield Setting::color("brand.$key", $label, 'every page', (string) ($theme->values["brand.$key"] ?? '#808080'), 'brand color palette');
        }
        foreach ($theme->schemes as $key => $label) {
            foreach (SchemeRoles::ALL as $role => [$name, $words]) {
                yield Setting::color("scheme.$key.$role", "$label: $name", 'every page', (string) ($theme->values["scheme.$key.$role"] ?? '#808080'), $words.' color scheme');
            }
        }
    }
}
