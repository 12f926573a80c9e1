<?php

declare(strict_types=1);

namespace Ikat\Core\Palette;

use Ikat\Core\Color\Color;
use Ikat\Core\Color\Contrast;
use Ikat\Core\Contrast\RolePair;
use Ikat\Core\Contrast\SchemeColors;
use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Setting\SettingPath;

/** Which brand colors meet as ink and ground, in the schemes of a theme whose roles follow brand colors. */
final class BrandPairs
{
    /**
     * @param ResolvedLook $look without own changes of colors
     * @param list<string> $schemes
     * @param iterable<RolePair> $pairs that occur on the pages
     *
     * @return list<array{dark: string, light: string, target: float}> each two colors once, with the greatest contrast asked of them
     */
    public static function of(ResolvedLook $look, array $schemes, iterable $pairs): array
    {
        $found = [];
        foreach ($pairs as $pair) {
            if ($pair->kind === 'none' || $pair->ground === SchemeColors::OVER) {
                continue;
            }
            foreach ($schemes as $scheme) {
                $a = self::brand($look, "scheme.$scheme.".SchemeColors::source($pair->ink));
                $b = self::brand($look, "scheme.$scheme.".SchemeColors::source($pair->ground));
                if ($a === null || $b === null || $a === $b) {
                    continue;
                }
                [$dark, $light] = self::luminance($look, $a) < self::luminance($look, $b) ? [$a, $b] : [$b, $a];
                $known = $found["$dark $light"]['target'] ?? 0.0;
                $found["$dark $light"] = ['dark' => $dark, 'light' => $light, 'target' => max($known, $pair->target())];
            }
        }

        return array_values($found);
    }

    private static function brand(ResolvedLook $look, string $path): ?string
    {
        $chain = $look->at($path)->chain;
        $last = $chain === [] ? '' : $chain[count($chain) - 1];

        return SettingPath::of($last)->brand;
    }

    private static function luminance(ResolvedLook $look, string $key): float
    {
        return Contrast::luminance(Color::parse($look->text("brand.$key")));
    }
}
