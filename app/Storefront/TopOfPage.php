<?php

declare(strict_types=1);

namespace App\Storefront;

use App\Fonts\FontFiles;
use App\Models\MenuEntry;
use Ikat\Core\Check\LineBreaks;
use Ikat\Core\Header\HeaderSolver;
use Ikat\Core\Header\TopContents;
use Ikat\Core\Setting\Type\MenuType;
use Illuminate\Support\Facades\Cache;

/** At which width a shop's menu folds away, kept by what it depends on: a page that is made again measures no font. */
final class TopOfPage
{
    /** Raised when the reckoning changes. */
    private const FORM = 2;

    private const SECONDS = 86_400;

    /** Settings that the width depends on begin with these. */
    private const ON = ['header.', 'type.', 'page.width', 'shape.inset.'];

    public function __construct(private readonly FontFiles $fonts) {}

    /** @return string a media query for the screens on which it is folded */
    public function foldedOn(ShopContext $shop): string
    {
        $contents = self::contents($shop);
        $key = 'folds '.hash('xxh128', serialize([self::FORM, $contents, $shop->dictionary->key(), $shop->valuesOf(...self::ON)]));

        return Cache::remember(
            $key,
            self::SECONDS,
            fn(): string => HeaderSolver::of($shop->top(), $contents, new LineBreaks(null, $this->fonts->steps(...)))->foldedOn(),
        );
    }

    public static function contents(ShopContext $shop): TopContents
    {
        $menus = [];
        foreach (['header.menu.main', 'header.menu.second', 'header.button.menu'] as $path) {
            $key = $shop->text($path);
            if ($key !== MenuType::NONE) {
                $menus[$key] = array_map(static fn(MenuEntry $e): array => [
                    'label' => $e->label, 'mark' => $e->mark, 'below' => count($e->below), 'target' => (string) $e->target,
                ], $shop->menu($key));
            }
        }
        $logo = $shop->logo('header.scheme');

        return new TopContents(
            $menus,
            $logo === null ? null : [(float) $logo->width, (float) $logo->height],
            max(1, count($shop->storefront->sellsTo())),
            max(1, count($shop->storefront->speaks())),
        );
    }
}
