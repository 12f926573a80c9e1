<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

use Ikat\Core\Setting\Type\PicksType;
use Ikat\Core\Setting\Type\PictureType;

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
                $setting->type instanceof PictureType,
                $setting->type instanceof PicksType && $setting->type->kind === 'picture' => $input->get(StoreContents::class)->pictures,
                $setting->type instanceof PicksType => $input->get(StoreContents::class)->products,
                default => null,
            };
            foreach ($there === null ? [] : array_diff(explode(',', (string) $resolution->value), $there) as $name) {
                yield new SettingFinding(
                    "gone:$path:$name",
                    Severity::ShouldFix,
                    $setting->step,
                    $path,
                    "$setting->label: “{$name}” is not there",
                    'Choose another one.',
                );
            }
        }
    }
}
