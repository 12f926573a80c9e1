<?php

declare(strict_types=1);

namespace Ikat\Core\Look;

use Ikat\Core\Setting\SettingPath;

/**
 * The brand colors and color schemes a look has, in their order and by their names: the theme's, as the merchant changed
 * them; and whether the look carries a second set of colors for dark surroundings.
 *
 * What is put away keeps its settings, so that nothing that follows it loses its color, and an undo needs no special case.
 */
final readonly class ColorInventory
{
    public const BRAND = 'palette.brand';
    public const SCHEMES = 'palette.schemes';
    public const BRAND_AWAY = 'palette.away.brand';
    public const SCHEMES_AWAY = 'palette.away.schemes';
    public const DARK = 'dark.on';

    /**
     * @param array<string, string> $brand key => label, those in use, in order
     * @param array<string, string> $schemes the same for color schemes
     * @param array<string, string> $brandAway those put away
     * @param array<string, string> $schemesAway
     */
    private function __construct(
        public array $brand,
        public array $schemes,
        public array $brandAway,
        public array $schemesAway,
        public bool $dark,
    ) {}

    /** @param list<Layer> $layers weakest first */
    public static function in(Theme $theme, array $layers): self
    {
        $values = array_merge([], ...array_map(static fn(Layer $l): array => array_filter(
            $l->values,
            static fn(string $path): bool => str_starts_with($path, 'palette.') || str_starts_with($path, 'name.') || $path === self::DARK,
            ARRAY_FILTER_USE_KEY,
        ), $layers));
        [$brand, $brandAway] = self::sorted($theme->brandColors, $values, self::BRAND, self::BRAND_AWAY, 'brand', 'New color');
        [$schemes, $schemesAway] = self::sorted($theme->schemes, $values, self::SCHEMES, self::SCHEMES_AWAY, 'scheme', 'New scheme');

        return new self($brand, $schemes, $brandAway, $schemesAway, ($values[self::DARK] ?? false) === true);
    }

    /** The theme as it is. */
    public static function of(Theme $theme): self
    {
        return new self($theme->brandColors, $theme->schemes, [], [], false);
    }

    /** The same for the same keys, names and order. */
    public function key(): string
    {
        return hash('xxh128', serialize([$this->brand, $this->schemes, $this->brandAway, $this->schemesAway, $this->dark]));
    }

    /**
     * The changes that put one away: the theme's waits for an undo or another starter, the merchant's own is in no list any more.
     *
     * @param array<string, string> $labels those in use, key => label
     * @param 'brand'|'scheme' $prefix
     *
     * @return array<string, string> path => value
     */
    public static function putAway(ResolvedLook $look, array $labels, string $prefix, string $key): array
    {
        [$list, $away] = $prefix === 'brand' ? [self::BRAND, self::BRAND_AWAY] : [self::SCHEMES, self::SCHEMES_AWAY];
        $changes = [$list => implode(',', array_diff(array_keys($labels), [$key]))];

        return SettingPath::isOwnKey($key)
            ? $changes
            : [...$changes, $away => implode(',', array_unique([...array_filter(explode(',', $look->text($away))), $key]))];
    }

    /** The first key own1, own2… that is neither in use nor waits among changes. */
    public static function freeKey(string $prefix, LookState $own): string
    {
        $taken = [];
        foreach ($own->own as $path => $value) {
            $named = SettingPath::of($path);
            $taken[($prefix === 'brand' ? $named->brand : $named->scheme) ?? ''] = true;
            if ($path === ($prefix === 'brand' ? self::BRAND : self::SCHEMES)) {
                $taken += array_flip(explode(',', (string) $value));
            }
        }
        for ($i = 1; isset($taken["own$i"]); $i++);

        return "own$i";
    }

    /**
     * @param array<string, string> $themes key => label
     * @param array<string, bool|float|string> $values
     *
     * @return array{array<string, string>, array<string, string>} those in use, those put away
     */
    private static function sorted(array $themes, array $values, string $path, string $awayPath, string $prefix, string $new): array
    {
        $list = static fn(string $at): array => array_filter(explode(',', (string) ($values[$at] ?? '')));
        $away = array_intersect_key($themes, array_flip($list($awayPath)));
        $written = array_filter($list($path), static fn(string $k): bool => isset($themes[$k]) || SettingPath::isOwnKey($k));
        // What a list made on another theme or version does not name comes last: nothing goes that nobody put away.
        $keys = array_values(array_unique([...$written, ...array_keys($themes)]));
        $keys = array_values(array_diff($keys, array_map(strval(...), array_keys($away)))) ?: $keys;
        $label = static function (string $key) use ($themes, $values, $prefix, $new): string {
            $named = trim((string) ($values["name.$prefix.$key"] ?? ''));

            return $named !== '' ? $named : $themes[$key] ?? $new.' '.substr($key, 3);
        };
        $use = array_combine($keys, array_map($label, $keys));
        $away = array_diff_key($themes, $use);

        return [$use, array_combine(array_keys($away), array_map($label, array_keys($away)))];
    }
}
