<?php

declare(strict_types=1);

namespace App\Looks;

use App\Models\Look;
use Ikat\Core\Look\Base;
use Ikat\Core\Look\BaseSwitch;
use Ikat\Core\Look\Starter;
use Ikat\Core\Look\Theme;
use Ikat\Core\Look\ThemeMerge;

/** The bases a look may stand on: each can be tried on, and what taking it would do is said first. */
final class Bases
{
    public function __construct(private readonly LookReader $desk, private readonly Trials $trials) {}

    /** @return list<Theme> */
    public function themes(): array
    {
        return $this->desk->themes->all();
    }

    public function isBrought(Theme $theme): bool
    {
        return $this->desk->themes->isBrought($theme->name);
    }

    /** What the look stands on, or is shown on where that is gone. */
    public function standing(Look $look): Base
    {
        return $this->desk->base($look);
    }

    /** Key under which a theme and starter can be tried on in the shop window. */
    public function trial(Look $look, Theme $theme, Starter|string|null $starter = null): string
    {
        return $this->trials->put($look, $theme->base($starter instanceof Starter ? $starter->name : $starter)->values());
    }

    /** @return list<string> the colors a starter brings, as hex, for its swatch */
    public function colors(Theme $theme, Starter $starter): array
    {
        return array_map(static fn(string $key): string => (string) ($starter->values["brand.$key"] ?? $theme->values["brand.$key"]), array_keys($theme->brandColors));
    }

    public function named(string $name, string $starter): ?Base
    {
        foreach ($this->themes() as $theme) {
            if ($theme->name === $name && isset($theme->starters[$starter])) {
                return $theme->base($starter);
            }
        }

        return null;
    }

    public function carrying(Look $look, Base $base): BaseSwitch
    {
        $tried = $look->trying($base->values());

        return BaseSwitch::between($look->ownChanges(), $this->desk->resolve($look), $this->desk->resolve($tried), $this->desk->themes->theme($base));
    }

    public function theme(Base $base): Theme
    {
        return $this->desk->themes->theme($base);
    }

    /** The merge with the theme's newest version; null when the look stands on it. */
    public function upgrade(Look $look): ?ThemeMerge
    {
        $base = $this->desk->base($look);
        $newest = $this->desk->themes->newest($base->theme);

        return version_compare($newest->version, $base->version, '>') ? ThemeMerge::of($this->theme($base), $newest, $base->starter, $look->ownChanges()) : null;
    }

    public function upgradeTrial(Look $look, ThemeMerge $merge): string
    {
        return $this->trials->put($look, [...$merge->base->values(), ...$merge->changes([])]);
    }
}
