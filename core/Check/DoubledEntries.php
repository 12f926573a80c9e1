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
            $targets = $store->menus[$menu] ?? [];
            foreach (array_unique($targets) as $target) {
                $count = count(array_filter($targets, static fn(string $other): bool => $other === $target));
                if ($count < 2) {
                    continue;
                }
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
