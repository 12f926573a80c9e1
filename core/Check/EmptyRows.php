<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

use Ikat\Core\Grid\ShelfCounts;
use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Setting\Item;
use Ikat\Core\Setting\StepKey;

/** Product rows of the home page that have no product to show, and why. */
final class EmptyRows implements Check
{
    public function run(Inspection $input): iterable
    {
        $look = $input->look;
        foreach (Item::listed('band', $look->text('home.bands')) as $band) {
            if ($band->kind !== 'row' || $look->value($band->path('show')) !== true) {
                continue;
            }
            $why = self::why($band, $look, $input->get(ShelfCounts::class), $input->get(StoreContents::class)->products);
            if ($why === null) {
                continue;
            }
            [$message, $advice] = $why;
            $path = $band->path('source');
            $label = explode(':', $look->catalog->get($path)->label)[0];
            yield new SettingFinding(
                "empty-row:$path",
                Severity::ShouldFix,
                StepKey::PAGES,
                $path,
                "$label $message",
                $advice,
                [$path => 'sold'],
                'Show those bought most often',
            );
        }
    }

    /**
     * @param list<string> $there slugs of chosen products that the store has
     *
     * @return ?array{string, string} what is so, and what to do; null where it has something to show, or nothing could be shown
     */
    private static function why(Item $band, ResolvedLook $look, ShelfCounts $counts, array $there): ?array
    {
        if ($counts->products === 0) {
            return null;
        }
        $chosen = array_filter(explode(',', $look->text($band->path('products'))));

        return match ($look->text($band->path('source'))) {
            'featured' => $counts->featured > 0 ? null : [
                'is empty: it shows featured products, and none is featured',
                'Tick “favorite” on products in the Storeroom, or show others.',
            ],
            'hand' => array_intersect($chosen, $there) !== [] ? null : [
                match (count($chosen)) {
                    0 => 'is empty: it shows products chosen by hand, and none is chosen',
                    1 => 'is empty: the product chosen for it is gone',
                    default => 'is empty: all '.count($chosen).' products chosen for it are gone',
                },
                'Choose products, or show others.',
            ],
            default => null,
        };
    }
}
