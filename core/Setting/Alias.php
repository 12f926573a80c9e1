<?php

declare(strict_types=1);

namespace Ikat\Core\Setting;

/** The written form of "follows": {brand.main}, as in the Design Tokens Format Module 2025.10, section on aliases. */
final class Alias
{
    private const FORM = '/^\{([a-z0-9]+(?:[.-][a-z0-9]+)*)\}$/';

    /** The path followed, or null when the value is not an alias. */
    public static function target(mixed $value): ?string
    {
        return is_string($value) && preg_match(self::FORM, $value, $m) ? $m[1] : null;
    }

    public static function to(string $path): string
    {
        return '{'.$path.'}';
    }
}
