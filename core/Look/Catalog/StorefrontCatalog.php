<?php

declare(strict_types=1);

namespace Ikat\Core\Look\Catalog;

use Ikat\Core\Look\ItemLists;
use Ikat\Core\Look\Setting;
use Ikat\Core\Look\SettingCatalog;
use Ikat\Core\Look\Theme;

/** Puts the whole catalog together; its order is the order the find box and the fallback controls show. */
final class StorefrontCatalog
{
    public static function for(Theme $theme, ItemLists $lists): SettingCatalog
    {
        return SettingCatalog::of([
            ...ColorSettings::for($theme),
            ...TypeSettings::all(),
            ...ShapeSettings::all(),
            ...$theme->own,
            ...LogoSettings::all(),
            ...HeaderSettings::all($theme->schemes),
            ...TopSettings::all($theme->schemes, $lists),
            ...PageSettings::all($theme->schemes, $lists),
            ...ProductSettings::all($theme->schemes),
            ...FooterSettings::all($theme->schemes, $lists),
            ...CheckoutSettings::all($theme->schemes),
            ...WordSettings::all(),
            ...SeasonSettings::all($theme->schemes, $lists),
        ]);
    }

    /** @return list<Setting> the lists whose items bring settings of their own */
    public static function lists(): array
    {
        return [TopSettings::messages(), PageSettings::bands(), FooterSettings::blocks(), SeasonSettings::seasons()];
    }
}
