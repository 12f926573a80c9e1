<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

use Ikat\Core\Setting\SettingPath;
use Ikat\Core\Setting\StepKey;

/** Menus that are shown and have nothing in them. */
final class EmptyMenus implements Check
{
    public function run(Inspection $input): iterable
    {
        foreach (self::shown($input) as $menu => [$path, $step]) {
            if (($input->get(StoreContents::class)->menus[$menu] ?? []) === []) {
                yield new SettingFinding(
                    "menu:$menu",
                    Severity::ShouldFix,
                    $step,
                    $path,
                    "The $menu menu is shown and has no entries",
                    'Give it entries in the Storeroom, or show another menu.',
                );
            }
        }
    }

    private static function isOfLinks(SettingPath $path): bool
    {
        return $path->item?->prefix === 'block' && $path->item->kind === 'links' && $path->suffix === 'menu';
    }

    /** @return array<string, array{string, string}> menu => a setting that shows it */
    public static function shown(Inspection $input): array
    {
        $shown = ['main' => ['header.menu.place', StepKey::HEADER]];
        foreach ($input->look->all() as $path => $resolution) {
            if (
                $resolution->unmet === null
                && ($path === 'header.menu.second' || self::isOfLinks(SettingPath::of($path)))
                && $resolution->value !== 'none'
            ) {
                $shown[(string) $resolution->value] ??= [$path, $resolution->setting->step];
            }
        }

        return $shown;
    }
}
