<?php

declare(strict_types=1);

namespace Ikat\Core\Setting;

/** The settings a written value follows, wherever in it they stand: as the whole of it, or in a stop of a gradient. */
final class Links
{
    /** @return list<string> paths followed */
    public static function in(Setting $setting, mixed $written): array
    {
        if (($target = Alias::target($written)) !== null) {
            return [$target];
        }
        if ($setting->type !== SettingType::Gradient || ! is_string($written) || ! str_contains($written, '{')) {
            return [];
        }

        return Gradient::tryParse($written)?->followed() ?? [];
    }

    /**
     * The value with every link put in other words.
     *
     * @param callable(string): string $change path followed => what is written for it: an alias, or a value
     */
    public static function rewritten(Setting $setting, bool|float|string $written, callable $change): bool|float|string
    {
        if (($target = Alias::target($written)) !== null) {
            return $change($target);
        }
        if (self::in($setting, $written) === []) {
            return $written;
        }

        return Gradient::parse((string) $written)->with(static fn(string $color): string => ($path = Alias::target($color)) === null ? $color : $change($path))->text();
    }
}
