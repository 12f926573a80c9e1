<?php

declare(strict_types=1);

namespace Ikat\Core\Palette;

use Ikat\Core\Check\Inspection;
use Ikat\Core\Color\Ciede2000;
use Ikat\Core\Color\Color;
use Ikat\Core\Reach\ReachIndex;
use Ikat\Core\Setting\SettingPath;
use Ikat\Core\Setting\StepKey;
use Ikat\Core\Setting\Type\ColorType;

/** How many colors a look really has, which are nearly the same, and how many each page shows. */
final class ColorCensus
{
    /** CIEDE2000 under which two colors are hardly told apart side by side (common practice, no source). */
    public const NEAR = 3.0;

    /** Distinct colors on one page beyond which it begins to look restless (common practice, no source). */
    public const MANY = 16;

    /** @return array<string, list<string>> hex => paths of the settings that come to it, the brand colors first */
    public static function colors(Inspection $input): array
    {
        $colors = [];
        foreach ($input->look->all() as $path => $resolution) {
            if (
                $resolution->setting->type instanceof ColorType
                && $resolution->setting->step === StepKey::COLORS
                && self::isInUse($path, $input)
            ) {
                $colors[(string) $resolution->value][] = $path;
            }
        }

        return $colors;
    }

    /** Whether a color belongs to what the look has, and not to what it put away. */
    private static function isInUse(string $path, Inspection $input): bool
    {
        $asked = SettingPath::of($path);

        return $asked->brand === null
            ? isset($input->theme->schemes[$asked->scheme ?? ''])
            : isset($input->theme->brandColors[$asked->brand]);
    }

    /**
     * Pairs that are nearly the same, with the change that makes one of the other's followers; brand colors are kept.
     *
     * @return list<array{keep: string, drop: string, difference: float, to: string, changes: array<string, string>}> nearest first; hex
     *     colors, the label of what is followed
     */
    public static function nearDuplicates(Inspection $input): array
    {
        $colors = self::colors($input);
        $hexes = array_keys($colors);
        $found = [];
        foreach ($hexes as $i => $a) {
            foreach (array_slice($hexes, $i + 1) as $b) {
                $difference = Ciede2000::difference(Color::parse($a), Color::parse($b));
                if ($difference >= self::NEAR) {
                    continue;
                }
                // Roles give way, brand colors stay: what stands first in the catalog is what is followed.
                $drop = array_values(array_filter(
                    $colors[$b],
                    static fn(string $p): bool => ! str_starts_with($p, 'brand.') && $input->look->at($p)->chain === [],
                ));
                if ($drop !== []) {
                    $found[] = [
                        'keep' => $a, 'drop' => $b, 'difference' => $difference, 'to' => $input->look->catalog->get($colors[$a][0])->label,
                        'changes' => array_fill_keys($drop, '{'.$colors[$a][0].'}'),
                    ];
                }
            }
        }
        usort($found, static fn(array $x, array $y): int => $x['difference'] <=> $y['difference']);

        return $found;
    }

    /**
     * @return array<string, array{colors: list<string>, schemes: array<string, int>}> page => distinct colors shown, and how many each
     *     scheme brings alone or not, the most first
     */
    public static function pages(Inspection $input): array
    {
        $pages = [];
        foreach ($input->look->all() as $path => $resolution) {
            $set = SettingPath::of($path)->set;
            if (! $resolution->setting->type instanceof ColorType || $set === null || $set->isDark) {
                continue;
            }
            foreach (array_keys($input->get(ReachIndex::class)->uses->of(SettingPath::property($path))) as $page) {
                $pages[$page]['colors'][(string) $resolution->value] = true;
                $pages[$page]['schemes'][$set->scheme][(string) $resolution->value] = true;
            }
        }
        $told = [];
        foreach ($input->get(ReachIndex::class)->pages as $page) {
            $schemes = array_map(count(...), $pages[$page]['schemes'] ?? []);
            arsort($schemes);
            $told[$page] = ['colors' => array_map(strval(...), array_keys($pages[$page]['colors'] ?? [])), 'schemes' => $schemes];
        }

        return $told;
    }
}
