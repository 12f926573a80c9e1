<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Catalog;

use Ikat\Core\Look\ColorInventory;
use Ikat\Core\Look\ItemLists;
use Ikat\Core\Look\Theme;
use Ikat\Core\Setting\Setting;

/** Settings that are brought to the catalog beside those that ship. */
interface CatalogSection
{
    /** @return iterable<Setting> */
    public function settings(Theme $theme, ColorInventory $inventory, ItemLists $lists): iterable;

    /** @return list<Setting> the lists among them whose items bring settings of their own */
    public function lists(): array;
}
