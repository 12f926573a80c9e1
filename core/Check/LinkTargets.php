<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

use Ikat\Core\Setting\Type\TargetType;

/** Links and buttons that lead to nothing the shop has, and menus that do. */
final class LinkTargets implements Check
{
    public function run(Inspection $input): iterable
    {
        foreach ($input->look->all() as $path => $resolution) {
            $setting = $resolution->setting;
            if (
                $setting->type instanceof TargetType
                && ! $setting->type->isWeb
                && $resolution->unmet === null
                && $resolution->value !== ''
                && ! $input->get(StoreContents::class)->has((string) $resolution->value)
            ) {
                yield new SettingFinding(
                    "target:$path",
                    Severity::ShouldFix,
                    $setting->step,
                    $path,
                    "$setting->label: $resolution->value is not in the shop",
                    'Choose a page, category or product that is there.',
                );
            }
        }
        $store = $input->get(StoreContents::class);
        foreach ($store->menus as $menu => $targets) {
            foreach ($targets as $target) {
                if (! $store->has($target)) {
                    yield new SettingFinding(
                        "target:menu:$menu:$target",
                        Severity::ShouldFix,
                        \Ikat\Core\Setting\StepKey::HEADER,
                        '',
                        "The menu “{$store->nameOfMenu((string) $menu)}” leads to $target, which is not in the shop",
                        'Change or remove that entry in the Storeroom.',
                    );
                }
            }
        }
    }
}
