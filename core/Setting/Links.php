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

        return is_string($written) ? $setting->type->linksIn($written) : [];
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

        return self::in($setting, $written) === [] ? $written : $setting->type->relinked((string) $written, $change);
    }
}
