<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

/** Menus that are shown and lead to the same place twice. */
final class DoubledEntries implements Check
{
    public function run(Inspection $input): iterable
    {
        $store = $input->get(StoreContents::class);
        foreach (EmptyMenus::shown($input) as $menu => [$path, $step]) {
            $counts = array_filter(array_count_values($store->menus[$menu] ?? []), static fn(int $n): bool => $n > 1);
            foreach ($counts as $target => $count) {
                yield new SettingFinding(
                    "doubled:$menu:$target",
                    Severity::Know,
                    $step,
                    $path,
                    "The menu “{$store->nameOfMenu($menu)}” leads to $target $count times",
                    'Take one of the entries out in the Storeroom, or let it lead elsewhere.',
                );
            }
        }
    }
}
