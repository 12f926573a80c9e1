<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

use Ikat\Core\Setting\Step;

/** Menus that are shown and have nothing in them. */
final class EmptyMenus implements Check
{
    public function run(Inspection $input): iterable
    {
        foreach (self::shown($input) as $menu => [$path, $step]) {
            if (($input->store->menus[$menu] ?? []) === []) {
                yield new SettingFinding("menu:$menu", Severity::ShouldFix, $step, $path, "The $menu menu is shown and has no entries", 'Give it entries in the Storeroom, or show another menu.');
            }
        }
    }

    /** @return array<string, array{string, Step}> menu => a setting that shows it */
    public static function shown(Inspection $input): array
    {
        $shown = ['main' => ['header.menu.place', Step::Header]];
        foreach ($input->look->all() as $path => $resolution) {
            if ($resolution->unmet === null && ($path === 'header.menu.second' || preg_match('/^block\.links-\d+\.menu$/', $path)) && $resolution->value !== 'none') {
                $shown[(string) $resolution->value] ??= [$path, $resolution->setting->step];
            }
        }

        return $shown;
    }
}
