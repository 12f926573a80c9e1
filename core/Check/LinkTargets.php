<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\StepKey;
use Ikat\Core\Setting\Type\TargetType;
use Ikat\Core\Store\RecordKinds;

/** Links and buttons that lead to nothing the shop has, or to what is sold out, and menus that do. */
final class LinkTargets implements Check
{
    public function run(Inspection $input): iterable
    {
        $store = $input->get(StoreContents::class);
        foreach ($input->look->all() as $path => $resolution) {
            $setting = $resolution->setting;
            $target = (string) $resolution->value;
            if ($setting->type instanceof TargetType && ! $setting->type->isWeb && $resolution->unmet === null && $target !== '') {
                yield from self::lost($store, $setting, $path, $target);
            }
        }
        foreach ($store->menus as $menu => $targets) {
            $name = $store->nameOfMenu((string) $menu);
            foreach ($targets as $target) {
                if (! $store->has($target)) {
                    yield new SettingFinding(
                        "target:menu:$menu:$target",
                        Severity::ShouldFix,
                        StepKey::HEADER,
                        '',
                        "The menu “{$name}” leads to $target, which is not in the shop",
                        'Change or remove that entry in the Storeroom.',
                    );
                } elseif ($store->isSoldOut($target)) {
                    yield new StoreFinding(
                        "gone:menu:$menu:$target",
                        Severity::Know,
                        "The menu “{$name}” leads to $target, which is sold out",
                        'Let it lead elsewhere until there is some again.',
                        ['open_kind' => RecordKinds::ENTRIES, 'open_only' => "menu_id:$menu"],
                    );
                }
            }
        }
    }

    /** @return iterable<SettingFinding> */
    private static function lost(StoreContents $store, Setting $setting, string $path, string $target): iterable
    {
        if (! $store->has($target)) {
            yield new SettingFinding(
                "target:$path",
                Severity::ShouldFix,
                $setting->step,
                $path,
                "$setting->label: $target is not in the shop",
                'Choose a page, category or product that is there.',
            );
        } elseif ($store->isSoldOut($target)) {
            yield new SettingFinding(
                "gone:$path",
                Severity::Know,
                $setting->step,
                $path,
                "$setting->label leads to $target, which is sold out",
                'Let it lead elsewhere until there is some again.',
            );
        }
    }
}
