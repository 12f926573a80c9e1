<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

use Ikat\Core\Setting\Type\MenuType;

/** Menus that are shown and have nothing in them, or are no longer there. */
final class EmptyMenus implements Check
{
    public function run(Inspection $input): iterable
    {
        $store = $input->get(StoreContents::class);
        foreach (self::shown($input) as $menu => [$path, $step]) {
            if (! isset($store->menus[$menu])) {
                yield new SettingFinding(
                    "menu:$menu",
                    Severity::ShouldFix,
                    $step,
                    $path,
                    "The menu $menu is shown and is no longer in the store",
                    'Show another menu, or make one in the Storeroom that is known by that.',
                );
            } elseif ($store->menus[$menu] === []) {
                yield new SettingFinding(
                    "menu:$menu",
                    Severity::ShouldFix,
                    $step,
                    $path,
                    "The menu “{$store->nameOfMenu($menu)}” is shown and has no entries",
                    'Give it entries in the Storeroom, or show another menu.',
                );
            }
        }
    }

    /** @return array<string, array{string, string}> menu => a setting that shows it, and its step */
    public static function shown(Inspection $input): array
    {
        $shown = [];
        foreach ($input->look->all() as $path => $resolution) {
            if (
                $resolution->setting->type instanceof MenuType && $resolution->unmet === null && $resolution->value !== MenuType::NONE
            ) {
                $shown[(string) $resolution->value] ??= [$path, $resolution->setting->step];
            }
        }

        return $shown;
    }
}
