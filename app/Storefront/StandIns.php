<?php

declare(strict_types=1);

namespace App\Storefront;

use App\Models\Category;
use App\Models\DeliveryOffer;
use App\Models\Page;
use App\Models\Product;
use Illuminate\Database\Eloquent\Collection as Records;
use Illuminate\Support\Collection;

/**
 * What previews show of a store that has nothing yet, so that its pages can be dressed: neutral, stored nowhere, never public.
 */
final class StandIns
{
    /** Stands in addresses in the place of what is not there. */
    public const SLUG = 'stand-in';

    private const NAMES = ['First product', 'Second product', 'Third product', 'Fourth product'];

    /** Whether the store has no product of its own to show. */
    public static function areNeeded(): bool
    {
        return ! Product::query()->limit(1)->exists();
    }

    /** @return Collection<int, Product> */
    public static function products(int $count): Collection
    {
        $category = self::category();

        return collect(range(1, max(1, $count)))->map(static function (int $number) use ($category): Product {
            $i = ($number - 1) % count(self::NAMES);
            $product = new Product([
                'slug' => self::SLUG, 'name' => self::NAMES[$i], 'note' => 'A line under its name',
                'price' => $i === 1 ? 2600 : 1200 + 800 * $i,
                'reduced' => $i === 1 ? 2000 : null, 'stock' => $i === 3 ? 0 : 12, 'label' => null, 'rating' => null, 'ratings' => 0,
                'video' => null,
                'words' => 'What it is, what it is made of, and who it is for. Your own words take the place of these.',
                'facts' => ['Made of' => 'What it is made of', 'Size' => 'How large it is'], 'added_on' => '2020-01-01',
            ]);

            return $product->setRelation('picture', null)->setRelation('morePictures', collect())->setRelation('category', $category);
        });
    }

    public static function product(): Product
    {
        return self::products(1)->firstOrFail();
    }

    public static function category(): Category
    {
        $category = new Category(['slug' => self::SLUG, 'name' => 'First category', 'words' => 'A sentence about what is in it.']);

        return $category->setRelation('children', new Records())->setRelation('parent', null)->setRelation('picture', null);
    }

    public static function page(): Page
    {
        return new Page([
            'slug' => self::SLUG, 'title' => 'First page', 'policy' => false,
            'body' => "What there is to say about the store stands here.\n\nA second paragraph shows how far apart they stand.",
        ]);
    }

    public static function offer(): DeliveryOffer
    {
        return new DeliveryOffer(['name' => 'Delivery', 'words' => 'How long it takes', 'price' => 500, 'free_from' => null]);
    }
}
