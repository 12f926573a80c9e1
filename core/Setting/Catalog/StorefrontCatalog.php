<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Catalog;

use Ikat\Core\Look\ColorInventory;
use Ikat\Core\Look\ItemLists;
use Ikat\Core\Look\Layer;
use Ikat\Core\Look\Theme;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\SettingCatalog;
use Ikat\Core\Type\FontSet;

/** Puts the whole catalog together; its order is the order the find box and the fallback controls show. */
final class StorefrontCatalog
{
    /** @var \WeakMap<Theme, array<string, SettingCatalog>> by items of the lists and colors; a theme is read once and kept */
    private \WeakMap $made;

    /**
     * @param list<CatalogSection> $sections beside those that ship
     * @param ?\Closure(): FontSet $fonts of the store whose look it is; null for the shelf alone
     */
    public function __construct(private readonly array $sections = [], private readonly ?\Closure $fonts = null)
    {
        $this->made = new \WeakMap();
    }

    /**
     * The catalog of a look that these layers make.
     *
     * @param list<Layer> $layers weakest first
     * @param array<string, mixed> $wanted path => value an edit would bring: its items are known too
     */
    public function of(Theme $theme, array $layers, array $wanted = []): SettingCatalog
    {
        $lists = ItemLists::in($this->lists(), $layers);

        return $this->for($theme, $wanted === [] ? $lists : $lists->and($this->lists(), $wanted), ColorInventory::in($theme, $layers));
    }

    public function for(Theme $theme, ItemLists $lists, ColorInventory $inventory): SettingCatalog
    {
        $made = $this->made[$theme] ?? [];
        $fonts = $this->fonts === null ? new FontSet() : ($this->fonts)();
        $key = "{$lists->key()} {$inventory->key()} {$fonts->key()}";
        $made[$key] ??= $this->make($theme, $lists, $inventory, $fonts);
        $this->made[$theme] = $made;

        return $made[$key];
    }

    /** @return list<Setting> the lists whose items bring settings of their own */
    public function lists(): array
    {
        return [
            TopSettings::messages(), PageSettings::bands(), FooterSettings::blocks(), SeasonSettings::seasons(),
            ...array_merge([], ...array_map(static fn(CatalogSection $s): array => $s->lists(), $this->sections)),
        ];
    }

    private function make(Theme $theme, ItemLists $lists, ColorInventory $inventory, FontSet $fonts): SettingCatalog
    {
        $schemes = $inventory->schemes;
        $settings = [
            ...ColorSettings::for($theme, $inventory),
            ...TypeSettings::all($fonts),
            ...ShapeSettings::all(),
            ...$theme->own,
            ...LogoSettings::all(),
            ...HeaderSettings::all($schemes),
            ...TopSettings::all($schemes, $lists),
            ...PageSettings::all($schemes, $lists),
            ...GridSettings::all(),
            ...CardSettings::all($schemes),
            ...ProductSettings::all($schemes),
            ...FooterSettings::all($schemes, $lists),
            ...CheckoutSettings::all($schemes),
            ...WordSettings::all(),
            ...SeasonSettings::all($schemes, $lists),
        ];
        foreach ($this->sections as $section) {
            $settings = [...$settings, ...$section->settings($theme, $inventory, $lists)];
        }

        return SettingCatalog::of($settings);
    }
}
