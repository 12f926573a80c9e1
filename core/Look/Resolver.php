<?php

declare(strict_types=1);

namespace Ikat\Core\Look;

/** Walks the layers, strongest first, and follows aliases. */
final class Resolver
{
    /** @var array<string, array{bool|float|string, Layer}> the winning written value of each path */
    private array $winners = [];

    /** @var array<string, array{bool|float|string, list<string>}> value and chain, memoized */
    private array $followed = [];

    /** @param list<Layer> $layers weakest first */
    private function __construct(private readonly SettingCatalog $catalog, array $layers)
    {
        foreach ([new Layer(LayerKind::Catalog, 'Ikat', $catalog->defaults()), ...$layers] as $layer) {
            foreach ($layer->values as $path => $value) {
                // A value for a setting that no longer exists is kept in its layer and left out here: an upgrade may bring it back.
                // So is a choice another theme knew and this one does not: a scheme, say.
                if ($catalog->has($path) && self::isKnown($catalog->get($path), $value)) {
                    $this->winners[$path] = [$value, $layer];
                }
            }
        }
    }

    /**
     * @param list<Layer> $layers weakest first; the catalog's defaults lie below them
     *
     * @throws AliasCycle
     */
    public static function resolve(SettingCatalog $catalog, array $layers): ResolvedLook
    {
        return (new self($catalog, $layers))->run();
    }

    private static function isKnown(Setting $setting, bool|float|string $value): bool
    {
        return match ($setting->type) {
            SettingType::Choice, SettingType::Font => Alias::target($value) !== null || isset($setting->choices[(string) $value]),
            default => true,
        };
    }

    private function run(): ResolvedLook
    {
        $values = [];
        foreach ($this->catalog->all() as $path => $setting) {
            $values[$path] = $this->follow($path, []);
        }
        $resolutions = [];
        foreach ($this->catalog->all() as $path => $setting) {
            [$value, $chain] = $values[$path];
            [$written, $layer] = $this->winners[$path];
            $resolutions[$path] = new Resolution($setting, $value, $written, $layer, $chain, $this->unmet($setting));
        }

        return new ResolvedLook($this->catalog, $resolutions);
    }

    /** The outermost condition that does not hold: a setting also needs what its condition's own setting needs. */
    private function unmet(Setting $setting): ?Condition
    {
        $when = $setting->appliesWhen;
        if ($when === null) {
            return null;
        }

        return $this->unmet($this->catalog->get($when->path)) ?? ($when->holdsFor($this->followed[$when->path][0]) ? null : $when);
    }

    /**
     * @param list<string> $trail
     *
     * @return array{bool|float|string, list<string>}
     */
    private function follow(string $path, array $trail): array
    {
        if (isset($this->followed[$path])) {
            return $this->followed[$path];
        }
        if (in_array($path, $trail, true)) {
            throw AliasCycle::along([...array_slice($trail, (int) array_search($path, $trail, true)), $path]);
        }
        $written = $this->winners[$path][0];
        $target = Alias::target($written);
        if ($target === null) {
            return $this->followed[$path] = [$written, []];
        }
        if (! $this->catalog->has($target)) {
            // What was followed is gone: the setting falls back to its own default and says so by its empty chain.
            return $this->followed[$path] = $this->fallBack($path, $trail);
        }
        [$value, $chain] = $this->follow($target, [...$trail, $path]);

        return $this->followed[$path] = [$value, [$target, ...$chain]];
    }

    /**
     * @param list<string> $trail
     *
     * @return array{bool|float|string, list<string>}
     */
    private function fallBack(string $path, array $trail): array
    {
        $default = $this->catalog->get($path)->default;
        $target = Alias::target($default);

        return $target === null || ! $this->catalog->has($target) ? [$default, []] : $this->follow($target, [...$trail, $path]);
    }
}
