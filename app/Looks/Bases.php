<?php

declare(strict_types=1);

namespace App\Looks;

use App\Models\Look;
use Ikat\Core\Look\Base;
use Ikat\Core\Look\BaseSwitch;
use Ikat\Core\Look\Starter;
use Ikat\Core\Look\Theme;
use Ikat\Core\Look\ThemeMerge;
use Ikat\Core\Setting\Catalog\StorefrontCatalog;

/** The bases a look may stand on: each can be tried on, and what taking it would do is said first. */
final class Bases
{
    public function __construct(private readonly LookReader $looks, private readonly StorefrontCatalog $catalogs) {}

    /** @return list<Theme> */
    public function themes(): array
    {
        return $this->looks->themes->all();
    }

    public function isBrought(Theme $theme): bool
    {
        return $this->looks->themes->isBrought($theme->name);
    }

    /** What the look stands on, or is shown on where that is gone. */
    public function standing(Look $look): Base
    {
        return $this->looks->of($look)->base;
    }

    /** @return list<string> the colors a starter brings, as hex, for its swatch */
    public function colors(Theme $theme, Starter $starter): array
    {
        return array_map(
            static fn(string $key): string => (string) ($starter->values["brand.$key"] ?? $theme->values["brand.$key"]),
            array_keys($theme->brandColors),
        );
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

    public function switchTo(Look $look, Base $base): BaseSwitch
    {
        $now = $this->looks->of($look);

        return BaseSwitch::between(
            $now->own,
            $now->resolved(),
            $this->looks->trying($look, $base->values())->resolved(),
            $this->looks->themes->theme($base),
        );
    }

    public function theme(Base $base): Theme
    {
        return $this->looks->themes->theme($base);
    }

    /** The merge with the theme's newest version; null when the look stands on it. */
    public function upgrade(Look $look): ?ThemeMerge
    {
        $base = $this->looks->of($look)->base;
        $newest = $this->looks->themes->newest($base->theme);

        return version_compare($newest->version, $base->version, '>')
            ? ThemeMerge::of($this->theme($base), $newest, $base->starter, $look->ownChanges(), $this->catalogs)
            : null;
    }
}
