<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Catalog;

use Ikat\Core\ProductPage\ProductBlocks;
use Ikat\Core\Setting\Condition;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\StepKey;

/** The page of a product. */
final class ProductSettings
{
    /**
     * @param array<string, string> $schemes
     *
     * @return list<Setting>
     */
    public static function all(array $schemes): array
    {
        return [
            Setting::choice(
                'product.pictures',
                'Pictures',
                'product',
                StepKey::PRODUCTS,
                'strip',
                ['stacked' => 'one under another', 'strip' => 'in a strip to slide', 'beside' => 'side by side'],
                keywords: 'product page gallery carousel layout',
            ),
            Setting::choice(
                'product.thumbs',
                'Small pictures to go by',
                'product',
                StepKey::PRODUCTS,
                'below',
                ['none' => 'none', 'below' => 'below the pictures', 'beside' => 'beside the pictures'],
                keywords: 'product page thumbnails gallery',
                when: Condition::is('product.pictures', 'strip'),
            ),
            Setting::switch(
                'product.zoom',
                'Pictures open large',
                'product',
                StepKey::PRODUCTS,
                true,
                'product page zoom enlarge closer',
            ),
            Setting::switch(
                'product.stays',
                'Details stay while pictures pass',
                'product',
                StepKey::PRODUCTS,
                false,
                'product page sticky scroll',
            ),
            Setting::order(
                'product.order',
                'Order of the blocks',
                'product',
                StepKey::PRODUCTS,
                ProductBlocks::ALL,
                'product page order blocks description details reviews',
            ),
            Setting::choice(
                'product.video',
                'Video',
                'product',
                StepKey::PRODUCTS,
                'last',
                ['none' => 'not shown', 'first' => 'before the pictures', 'last' => 'after the pictures'],
                keywords: 'product page film movie',
            ),
            Setting::length(
                'product.proportion',
                'Share of the width for the pictures',
                'product',
                StepKey::PRODUCTS,
                56,
                30,
                70,
                1,
                '%',
                'product page columns ratio',
            ),
            Setting::length(
                'product.name.size',
                'Name on the product page',
                'product',
                StepKey::PRODUCTS,
                40,
                22,
                64,
                keywords: 'product page title size',
            ),
            Setting::switch(
                'product.button.wide',
                'Buttons as wide as they can be',
                'product',
                StepKey::PRODUCTS,
                true,
                'product page button full width',
            ),
            Setting::switch(
                'product.button.stays',
                'Button stays at the foot of a phone',
                'product',
                StepKey::PRODUCTS,
                false,
                'product page sticky add to cart mobile',
            ),
            Setting::choice(
                'product.button.form',
                'Corners of the button',
                'product',
                StepKey::PRODUCTS,
                'all',
                ['all' => 'as all buttons', 'square' => 'square', 'soft' => 'soft', 'pill' => 'round'],
                ['all' => 'var(--shape-button)', 'square' => '0px', 'soft' => 'max(6px, var(--shape-radius))', 'pill' => '999px'],
                'product page button shape radius',
            ),
            ButtonScheme::of('product.button', 'Add-to-cart button', 'product', StepKey::PRODUCTS, 'the page', $schemes),
            Setting::switch('product.now', 'A button straight to the checkout', 'product', StepKey::PRODUCTS, false, 'buy now express'),
            Setting::switch('product.save', 'A button to save for later', 'product', StepKey::PRODUCTS, true, 'wish list saved favorite'),
            Setting::choice(
                'product.options',
                'What can be chosen',
                'product',
                StepKey::PRODUCTS,
                'buttons',
                ['buttons' => 'as buttons', 'swatches' => 'as swatches', 'list' => 'as a list'],
                keywords: 'product page variants options colors sizes',
            ),
            Setting::choice(
                'product.gone',
                'What is not there',
                'product',
                StepKey::PRODUCTS,
                'struck',
                ['struck' => 'struck through', 'pale' => 'struck through and pale', 'hidden' => 'not shown'],
                keywords: 'product page variants unavailable sold out',
            ),
            Setting::switch('product.quantity', 'Ask how many', 'product', StepKey::PRODUCTS, true, 'product page quantity field'),
            Setting::choice(
                'product.saving',
                'Say what a reduced price saves',
                'product',
                StepKey::PRODUCTS,
                'amount',
                ['none' => 'not at all', 'percent' => 'in percent', 'amount' => 'as an amount'],
                keywords: 'product page sale price discount',
            ),
            Setting::switch('product.delivery', 'Say how it is sent', 'product', StepKey::PRODUCTS, true, 'product page delivery shipping'),
            Setting::switch('product.facts', 'Show the facts', 'product', StepKey::PRODUCTS, true, 'product page table specification'),
            Setting::switch('product.reviews', 'Show what buyers wrote', 'product', StepKey::PRODUCTS, true, 'product page reviews'),
            Setting::count(
                'product.reviews.count',
                'Reviews in sight',
                'product',
                StepKey::PRODUCTS,
                3,
                1,
                12,
                'product page reviews number',
                when: Condition::on('product.reviews'),
            ),
            Setting::switch(
                'product.others',
                'Show others from the same shelf',
                'product',
                StepKey::PRODUCTS,
                true,
                'related recommended products',
            ),
            Setting::choice(
                'product.others.by',
                'Which others',
                'product',
                StepKey::PRODUCTS,
                'sold',
                ['sold' => 'bought most often', 'new' => 'latest additions', 'price' => 'nearest in price'],
                keywords: 'related recommended rule',
                when: Condition::on('product.others'),
            ),
            Setting::count(
                'product.others.count',
                'How many others',
                'product',
                StepKey::PRODUCTS,
                4,
                1,
                12,
                'related recommended products number',
                when: Condition::on('product.others'),
            ),
            Setting::choice(
                'product.others.scheme',
                'Others from the shelf: color scheme',
                'product',
                StepKey::PRODUCTS,
                'around',
                ['around' => 'what is around them', ...$schemes],
                keywords: 'related color scheme',
                when: Condition::on('product.others'),
            ),
        ];
    }
}
