<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Catalog;

use Ikat\Core\Look\ColorInventory;
use Ikat\Core\Look\ItemLists;
use Ikat\Core\Look\Theme;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\SettingCatalog;

/** Puts the whole catalog together; its order is the order the find box and the fallback controls show. */
final class StorefrontCatalog
{
    /** @param ?ColorInventory $wardrobe the theme's own brand colors and schemes when it is not given */
    public static function for(Theme $theme, ItemLists $lists, ?ColorInventory $wardrobe = null): SettingCatalog
    {
        $wardrobe ??= ColorInventory::of($theme);
        $schemes = $wardrobe->schemes;

        return SettingCatalog::of([
            ...ColorSettings::for($theme, $wardrobe),
            ...TypeSettings::all(),
            ...ShapeSettings::all(),
            ...$theme->own,
            ...LogoSettings::all(),
            ...HeaderSettings::all($schemes),
            ...TopSettings::all($schemes, $lists),
            ...PageSettings::all($schemes, $lists),
            ...ProductSettings::all($schemes),
            ...FooterSettings::all($schemes, $lists),
            ...CheckoutSettings::all($schemes),
            ...WordSettings::all(),
            ...SeasonSettings::all($schemes, $lists),
        ]);
    }

    /** @return list<Setting> the lists whose items bring settings of their own */
    public static function lists(): array
    {
        return [TopSettings::messages(), PageSettings::bands(), FooterSettings::blocks(), SeasonSettings::seasons()];
    }
}
