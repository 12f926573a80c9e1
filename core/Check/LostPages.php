<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

use Ikat\Core\Setting\Catalog\FooterSettings;
use Ikat\Core\Setting\Item;
use Ikat\Core\Setting\SettingType;
use Ikat\Core\Setting\Step;

/** Content pages that nothing in the shop leads to. */
final class LostPages implements Check
{
    public function run(Inspection $input): iterable
    {
        $shown = EmptyMenus::shown($input);
        $linked = array_merge(...array_values(array_intersect_key($input->store->menus, $shown)) ?: [[]]);
        foreach ($input->look->all() as $resolution) {
            if ($resolution->setting->type === SettingType::Target && $resolution->unmet === null) {
                $linked[] = (string) $resolution->value;
            }
        }
        foreach (explode(',', $input->look->text('footer.blocks')) as $name) {
            $path = "block.$name.show";
            // The policies block lists the policies by itself.
            if (Item::named('block', $name)->kind === 'policies' && $input->look->catalog->has($path) && $input->look->value($path) === true) {
                $linked = [...$linked, ...$input->store->policies];
            }
        }
        foreach (array_diff_key($input->store->pages, array_flip($linked)) as $address => $title) {
            yield new SettingFinding("lost:$address", Severity::Know, Step::Footer, FooterSettings::blocks()->path, "Nothing leads to the page “{$title}”", 'Put it in a menu, or let a button or a footer block lead there.');
        }
    }
}
