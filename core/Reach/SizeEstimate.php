<?php

declare(strict_types=1);

namespace Ikat\Core\Reach;

/**
 * The smallest size, in px, that a written font size comes to: what decides whether text counts as large.
 *
 * Knows px, vw (of a 320 px window), var(), min(), max() and clamp(); anything else counts as 0, which is never large.
 */
final class SizeEstimate
{
    private const WINDOW = 320;

    /** @param array<string, string> $properties custom property => value */
    public static function px(string $size, array $properties, int $depth = 0): float
    {
        $size = trim($size);
        if ($depth > 8) {
            return 0.0;
        }
        if (preg_match('/^(-?[\d.]+)(px|vw)$/', $size, $m)) {
            return (float) $m[1] * ($m[2] === 'vw' ? self::WINDOW / 100 : 1);
        }
        if (preg_match('/^var\((--[a-z0-9-]+)\)$/', $size, $m)) {
            return self::px($properties[$m[1]] ?? '', $properties, $depth + 1);
        }
        if (preg_match('/^(min|max|clamp)\((.*)\)$/', $size, $m)) {
            $parts = array_map(static fn(string $p): float => self::px($p, $properties, $depth + 1), self::arguments($m[2]));

            return match ($m[1]) {
                'min', 'clamp' => $m[1] === 'clamp' ? $parts[0] : min($parts),
                default => max($parts),
            };
        }

        return 0.0;
    }

    /** @return non-empty-list<string> */
    private static function arguments(string $inner): array
    {
        $parts = [''];
        $depth = 0;
        foreach (str_split($inner) as $letter) {
            $depth += ['(' => 1, ')' => -1][$letter] ?? 0;
            if ($letter === ',' && $depth === 0) {
                $parts[] = '';
            } else {
                $parts[count($parts) - 1] .= $letter;
            }
        }

        return $parts;
    }
}
