<?php

declare(strict_types=1);

namespace Ikat\Core\Reach;

/** Where a value comes from: var() followed until properties that the root sets. */
final class RootProperties
{
    /**
     * @param array<string, string> $env custom properties set below the root
     *
     * @return list<string>
     */
    public static function of(string $value, array $env): array
    {
        if (! str_contains($value, 'var(')) {
            return [];
        }
        preg_match_all('/var\((--[a-z0-9-]+)/', $value, $m);
        $found = [];
        foreach ($m[1] as $property) {
            $found = [...$found, ...(isset($env[$property]) ? self::of($env[$property], $env) : [$property])];
        }

        return $found;
    }

    /** @param array<string, string> $env */
    public static function first(string $value, array $env): ?string
    {
        return self::of($value, $env)[0] ?? null;
    }

    /** @param array<string, string> $env */
    public static function last(string $value, array $env): ?string
    {
        $all = self::of($value, $env);

        return $all === [] ? null : end($all);
    }
}
