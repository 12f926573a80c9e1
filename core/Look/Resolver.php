<?php

declare(strict_types=1);

namespace Ikat\Core\Look;

use Ikat\Core\Setting\Alias;
use Ikat\Core\Setting\Condition;
use Ikat\Core\Setting\Links;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\SettingCatalog;
use Ikat\Core\Setting\SizeRule;
use Ikat\Core\Setting\Type\ColorType;

/**
 * Walks the layers, strongest first, and follows aliases.
 *
 * A value the catalog could not take (a choice that is not there, a link to what is gone or of another kind, a number out of
 * range) is passed over: it stays in its layer, because another theme or version may bring it back, and the layer below decides.
 */
final class Resolver
{
    /** @var array<string, array{bool|float|string, Layer}> the winning written value of each path */
    private array $winners = [];

    /** @var array<string, array{bool|float|string, list<string>}> value and chain, memoized */
    private array $followed = [];

    /** @var list<string> settings at which a circle was cut */
    private array $cut = [];

    /** @param list<Layer> $layers weakest first */
    private function __construct(private readonly SettingCatalog $catalog, array $layers, private readonly bool $cutsCircles)
    {
        $defaults = new Layer(LayerKind::Catalog, 'Ikat', $catalog->defaults());
        $ruled = new Layer(LayerKind::Rule, 'of the type scale', []);
        foreach ($catalog->all() as $path => $setting) {
            // Even a default may follow a brand color that a theme brought in does not have.
            $this->winners[$path] = [
                $this->isKnown($setting, $setting->default) ? $setting->default : $this->plain($setting),
                $setting->rule === null ? $defaults : $ruled,
            ];
        }
        foreach ($layers as $layer) {
            foreach ($layer->values as $path => $value) {
                if ($catalog->has($path) && $this->isKnown($catalog->get($path), $value)) {
                    $this->winners[$path] = [$value, $layer];
                }
            }
        }
    }

    /**
     * @param list<Layer> $layers weakest first; the catalog's defaults lie below them
     * @param bool $cutsCircles whether links in a circle are cut, for reading what was stored, instead of refused, for writing
     *
     * @throws AliasCycle
     */
    public static function resolve(SettingCatalog $catalog, array $layers, bool $cutsCircles = false): ResolvedLook
    {
        return (new self($catalog, $layers, $cutsCircles))->run();
    }

    private function isKnown(Setting $setting, bool|float|string $value): bool
    {
        if (is_string($value) && str_contains($value, '{')) {
            $wanted = Alias::target($value) !== null ? $setting->type::name() : ColorType::name();
            foreach (Links::in($setting, $value) as $target) {
                if (! $this->catalog->has($target) || $this->catalog->get($target)->type::name() !== $wanted) {
                    return false;
                }
            }
            if (Alias::target($value) !== null) {
                return true;
            }
        }

        return $setting->accepts($value);
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
            $isRuled = $layer->kind === LayerKind::Rule && $setting->rule !== null;
            $resolutions[$path] = new Resolution($setting, $value, $isRuled ? $value : $written, $layer, $chain, $this->unmet($setting));
        }

        return new ResolvedLook($this->catalog, $resolutions, $this->cut);
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
     *
     * @throws AliasCycle
     */
    private function follow(string $path, array $trail): array
    {
        if (isset($this->followed[$path])) {
            return $this->followed[$path];
        }
        if (in_array($path, $trail, true)) {
            if (! $this->cutsCircles) {
                throw AliasCycle::along([...array_slice($trail, (int) array_search($path, $trail, true)), $path]);
            }
            $this->cut[] = $path;

            return [$this->plain($this->catalog->get($path)), []];
        }
        [$written, $layer] = $this->winners[$path];
        $rule = $layer->kind === LayerKind::Rule ? $this->catalog->get($path)->rule : null;
        if ($rule !== null) {
            [$base, $ratio] = array_map(fn(string $from): float => (float) $this->follow($from, [...$trail, $path])[0], SizeRule::FROM);

            return $this->followed[$path] = [$rule->value($base, $ratio), []];
        }
        $target = Alias::target($written);
        if ($target === null) {
            return $this->followed[$path] = [$written, []];
        }
        [$value, $chain] = $this->follow($target, [...$trail, $path]);

        return $this->followed[$path] = [$value, [$target, ...$chain]];
    }

    private function plain(Setting $setting): bool|float|string
    {
        return Alias::target($setting->default) === null ? $setting->default : $setting->type->neutral();
    }
}
