<?php

declare(strict_types=1);

namespace App\Inspection;

use App\Models\MenuEntry;
use App\Models\Storefront;
use App\Pictures\PictureShelf;
use Ikat\Core\Color\Color;
use Ikat\Core\Color\Contrast;
use Ikat\Core\Header\TopContents;
use Ikat\Core\Look\ResolvedLook;

/** Reads of the store and the library what stands at the top of every page. */
final class TopReader
{
    public function __construct(private readonly PictureShelf $pictures) {}

    public function contents(ResolvedLook $look, Storefront $storefront): TopContents
    {
        $menus = MenuEntry::query()
            ->join('menus', 'menus.id', '=', 'menu_entries.menu_id')
            ->orderBy('position')
            ->orderBy('menu_entries.id')
            ->get(['menu_entries.*', 'slug'])
            ->groupBy('slug')
            ->map(static fn($entries): array => array_map(static fn(MenuEntry $e): array => [
                'label' => $e->label, 'mark' => $e->mark, 'below' => count($e->below), 'target' => (string) $e->target,
            ], MenuEntry::within($entries)))
            ->all();

        return new TopContents($menus, $this->logo($look), max(1, count($storefront->sellsTo())), max(1, count($storefront->speaks())));
    }

    /** @return ?array{float, float} */
    private function logo(ResolvedLook $look): ?array
    {
        if ($look->text('header.logo.kind') !== 'picture') {
            return null;
        }
        $ground = Color::tryParse($look->text("scheme.{$look->text('header.scheme')}.ground"));
        $dark = $ground !== null && Contrast::isDark($ground) ? $look->text('header.logo.dark') : '';
        $picture = ($dark === '' ? null : $this->pictures->one($dark)) ?? $this->pictures->one($look->text('header.logo.picture'));

        return $picture === null ? null : [(float) $picture->width, (float) $picture->height];
    }
}
