<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

use Ikat\Core\Setting\SettingType;

/** Pictures and products that are chosen and are not there. */
final class LostPictures implements Check
{
    public function run(Inspection $input): iterable
    {
        foreach ($input->look->all() as $path => $resolution) {
            $setting = $resolution->setting;
            if ($resolution->unmet !== null || $resolution->value === '') {
                continue;
            }
            $there = match (true) {
                $setting->type === SettingType::Picture, $setting->type === SettingType::Picks && $setting->of === 'picture' => $input->store->pictures,
                $setting->type === SettingType::Picks => $input->store->products,
                default => null,
            };
            foreach ($there === null ? [] : array_diff(explode(',', (string) $resolution->value), $there) as $name) {
                yield new SettingFinding("gone:$path:$name", Severity::ShouldFix, $setting->step, $path, "$setting->label: “{$name}” is not there", 'Choose another one.');
            }
        }
    }
}
