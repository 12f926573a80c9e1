<?php

declare(strict_types=1);

namespace App\Storeroom;

use App\Models\Picture;
use App\Models\Product;
use App\Models\Storefront;
use App\Pictures\ShopPicture;
use Ikat\Core\Grid\CardPicture;
use Ikat\Core\Grid\CardPictures;
use Ikat\Core\Grid\LabelFacts;

/** The first pictures of a storefront's products, with where the thing stands on each. */
final class CardPictureReader
{
    /** Products that are looked at, in their own order: as many as a merchant can look through. */
    private const MOST = 240;

    /** What of a product is needed: its words alone would weigh more than all else. */
    private const COLUMNS = [
        'id', 'name', 'picture_id', 'stock', 'price', 'reduced', 'reduced_from', 'reduced_until', 'added_on', 'label',
    ];

    public function of(Storefront $storefront): CardPictures
    {
        $goods = $storefront->goods()->with('picture')->orderBy('position')->orderBy('id')->limit(self::MOST)
            ->get(self::COLUMNS);
        $pictures = [];
        foreach ($goods as $product) {
            if ($product->picture !== null) {
                $pictures[$product->picture->id] ??= self::pictured($product, $product->picture);
            }
        }

        return new CardPictures(array_values($pictures), $goods->filter(static fn(Product $p): bool => $p->picture === null)->count());
    }

    private static function pictured(Product $product, Picture $picture): CardPicture
    {
        return new CardPicture(
            $picture->id,
            $product->name,
            ShopPicture::of($picture)->smallest(),
            $picture->width,
            $picture->height,
            $picture->framed(),
            new LabelFacts($product->stock, $product->priceOf(), $product->added_on, $product->label, now()),
        );
    }
}
