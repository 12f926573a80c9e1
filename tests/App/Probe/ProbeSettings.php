<?php

declare(strict_types=1);

namespace Tests\App\Probe;

use Ikat\Core\Look\ColorInventory;
use Ikat\Core\Look\ItemLists;
use Ikat\Core\Look\Theme;
use Ikat\Core\Setting\Catalog\CatalogSection;
use Ikat\Core\Setting\Setting;

final class ProbeSettings implements CatalogSection
{
    public function settings(Theme $theme, ColorInventory $inventory, ItemLists $lists): iterable
    {
        yield Setting::length('probe.depth', 'Depth of the water', 'probe', ProbeStep::KEY, 12, 1, 40, keywords: 'fathoms sounding');
        yield Setting::text('probe.bottom', 'What the lead brings up', 'probe', ProbeStep::KEY, 'sand', 20, 'sounding');
    }

    public function lists(): array
    {
        return [];
    }
}
