<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Catalog;

use Ikat\Core\Grid\CardLines;
use Ikat\Core\Grid\LabelRules;
use Ikat\Core\Grid\Proportion;
use Ikat\Core\Grid\ShelfLook;
use Ikat\Core\ProductPage\ProductBlocks;
use Ikat\Core\Setting\Condition;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\StepKey;

/** The product grid, the product card and the product page. */
final class ProductSettings
{
    public const PROPORTIONS = ['square' => 'square', 'wide' => 'wider than tall, 7 to 6', 'tall' => 'taller than wide, 4 to 5'];
    public const RATIOS = ['square' => '1 / 1', 'wide' => '7 / 6', 'tall' => '4 / 5'];

    /** What a picture without a ground of its own stands on, and what it throws there. */
    public const GROUNDS = [
        'quiet' => 'the quiet surface', 'page' => 'the page itself', 'ink' => 'the color of words', 'action' => 'the color of actions',
    ];
    public const SHADOWS = ['none' => 'none', 'soft' => 'soft, below', 'ground' => 'at its foot'];

    /** Ways to sort products; "hand" is the merchant's own order. */
    public const SORTS = [
        'shelf' => 'As we arranged them', 'low' => 'From the cheapest up', 'high' => 'From the dearest down', 'hand' => 'Picked by us',
        'sold' => 'Bought most often', 'new' => 'Latest additions',
    ];

    /**
     * @param array<string, string> $schemes
     *
     * @return list<Setting>
     */
    public static function all(array $schemes): array
    {
        return [...self::grid(), ...self::card($schemes), ...self::product($schemes)];
    }

    /** @return list<Setting> */
    private static function grid(): array
    {
        return [
            Setting::number(
                'grid.columns.phone',
                'Columns on a phone',
                'grid',
                StepKey::PRODUCTS,
                2,
                1,
                3,
                1,
                'product grid columns mobile',
            ),
            Setting::number('grid.columns.tablet', 'Columns on a tablet', 'grid', StepKey::PRODUCTS, 3, 2, 4, 1, 'product grid columns'),
            Setting::number(
                'grid.columns.desktop',
                'Columns on a desktop',
                'grid',
                StepKey::PRODUCTS,
                4,
                2,
                6,
                1,
                'product grid columns wide',
            ),
            Setting::length(
                'grid.gap',
                'Space between products',
                'grid',
                StepKey::PRODUCTS,
                24,
                4,
                64,
                2,
                keywords: 'product grid gap gutter',
            ),
            Setting::count('grid.count', 'Products on a page', 'grid', StepKey::PRODUCTS, 24, 4, 48, 'product grid how many number paging'),
            Setting::choice(
                'grid.paging',
                'Further pages',
                'grid',
                StepKey::PRODUCTS,
                'numbers',
                [
                    'steps' => 'by earlier and more', 'numbers' => 'by their numbers', 'more' => 'a button brings more',
                    'scroll' => 'come while scrolling',
                ],
                keywords: 'paging pages numbers load more infinite scroll',
            ),
            Setting::choice(
                'grid.arrange',
                'How products stand',
                'grid',
                StepKey::PRODUCTS,
                'tiles',
                ShelfLook::ARRANGED,
                keywords: 'arrange tiles rows justified columns staggered masonry grid',
            ),
            Setting::choice(
                'grid.last',
                'Places left over in the last row',
                'grid',
                StepKey::PRODUCTS,
                'leave',
                ShelfLook::LAST,
                keywords: 'last row ragged stray orphan even fill center stretch',
            ),
            Setting::choice(
                'grid.sort',
                'Order to begin with',
                'grid',
                StepKey::PRODUCTS,
                'shelf',
                self::SORTS,
                keywords: 'sort order category',
            ),
            Setting::picks(
                'grid.order',
                'Our choice, in order',
                'grid',
                StepKey::PRODUCTS,
                'product',
                48,
                keywords: 'hand order sort product first',
                when: Condition::is('grid.sort', 'hand'),
            ),
        ];
    }

    /**
     * @param array<string, string> $schemes
     *
     * @return list<Setting>
     */
    private static function card(array $schemes): array
    {
        $named = Condition::on('card.label');

        return [
            Setting::choice(
                'card.scheme',
                'Product card: color scheme',
                'card',
                StepKey::PRODUCTS,
                'around',
                ['around' => 'what is around it', ...$schemes],
                keywords: 'product card color scheme',
            ),
            Setting::length('card.space', 'Space inside the card', 'card', StepKey::PRODUCTS, 0, 0, 32, keywords: 'product card padding'),
            Setting::number(
                'card.proportion',
                'Width of a picture by its height',
                'card',
                StepKey::PRODUCTS,
                1.17,
                Proportion::LEAST,
                Proportion::MOST,
                0.01,
                'product picture proportion shape aspect ratio frame',
            ),
            Setting::choice(
                'card.ground',
                'Ground behind cut-out pictures',
                'card',
                StepKey::PRODUCTS,
                'quiet',
                self::GROUNDS,
                keywords: 'product picture transparent background cutout',
            ),
            Setting::choice(
                'card.shadow',
                'Shadow of cut-out pictures',
                'card',
                StepKey::PRODUCTS,
                'none',
                self::SHADOWS,
                keywords: 'product picture transparent drop shadow cutout',
            ),
            Setting::choice(
                'card.fit',
                'Picture fit',
                'card',
                StepKey::PRODUCTS,
                'cover',
                ['cover' => 'fill the frame', 'contain' => 'show the whole picture'],
                ['cover' => 'cover', 'contain' => 'contain'],
                'product picture crop',
            ),
            Setting::choice(
                'card.hover',
                'When pointed at',
                'card',
                StepKey::PRODUCTS,
                'closer',
                ['nothing' => 'nothing happens', 'closer' => 'a closer look', 'second' => 'the second picture'],
                keywords: 'product card hover mouse zoom swap',
            ),
            Setting::choice(
                'card.align',
                'Words on the card',
                'card',
                StepKey::PRODUCTS,
                'start',
                Sides::LEFT_TO_RIGHT,
                Sides::CSS,
                'product card alignment',
            ),
            Setting::choice(
                'card.name.lines',
                'Lines of a name',
                'card',
                StepKey::PRODUCTS,
                'all',
                ['all' => 'as many as it takes', '1' => 'one at most', '2' => 'two at most', '3' => 'three at most'],
                keywords: 'product card title cut clamp truncate long name',
            ),
            Setting::length(
                'card.name.size',
                'Product name size',
                'card',
                StepKey::PRODUCTS,
                18,
                13,
                26,
                keywords: 'product card title font size',
            ),
            Setting::length(
                'card.price.size',
                'Price size',
                'card',
                StepKey::PRODUCTS,
                18,
                13,
                28,
                keywords: 'product card price font size',
                when: Condition::on('card.price'),
            ),
            Setting::order(
                'card.order',
                'Order of its lines',
                'card',
                StepKey::PRODUCTS,
                CardLines::ALL,
                'product card order title price rating button',
            ),
            Setting::switch('card.price', 'Show the price', 'card', StepKey::PRODUCTS, true, 'product card price amount'),
            Setting::switch('card.note', 'Show the note', 'card', StepKey::PRODUCTS, true, 'product card subtitle material maker'),
            Setting::switch('card.rating', 'Show the rating', 'card', StepKey::PRODUCTS, true, 'product card stars review'),
            Setting::switch('card.button', 'Show an add-to-cart button', 'card', StepKey::PRODUCTS, false, 'product card buy quick add'),
            Setting::switch('card.label', 'Show labels on the picture', 'card', StepKey::PRODUCTS, true, 'badge sticker tag'),
            Setting::choice(
                'card.label.across',
                'Labels, left or right',
                'card',
                StepKey::PRODUCTS,
                'start',
                Sides::LEFT_OR_RIGHT,
                Sides::CSS,
                'badge sticker tag corner position',
                $named,
            ),
            Setting::choice(
                'card.label.down',
                'Labels, top or bottom',
                'card',
                StepKey::PRODUCTS,
                'top',
                ['top' => 'top', 'bottom' => 'bottom'],
                ['top' => 'start', 'bottom' => 'end'],
                'badge sticker tag corner position',
                $named,
            ),
            Setting::choice(
                'card.label.form',
                'Form of labels',
                'card',
                StepKey::PRODUCTS,
                'all',
                ['all' => 'with the corner radius', 'square' => 'square', 'pill' => 'round ends', 'tab' => 'a tab, flush with the edge'],
                keywords: 'badge sticker tag shape form corner ribbon',
                when: $named,
            ),
            Setting::length(
                'card.label.inset',
                'Labels from the edge',
                'card',
                StepKey::PRODUCTS,
                10,
                2,
                24,
                keywords: 'badge sticker tag distance margin',
                when: Condition::is('card.label.form', 'all', 'square', 'pill'),
            ),
            Setting::choice(
                'card.label.sale',
                'Said of a reduced price',
                'card',
                StepKey::PRODUCTS,
                'percent',
                LabelRules::SALE,
                keywords: 'badge sticker tag sale percent amount save',
                when: $named,
            ),
            Setting::count(
                'card.label.new',
                'Days a product is new',
                'card',
                StepKey::PRODUCTS,
                LabelRules::NEW_FOR_DAYS,
                0,
                180,
                'badge sticker tag new days',
                $named,
            ),
            Setting::count(
                'card.label.few',
                'Pieces from which it says how few are left',
                'card',
                StepKey::PRODUCTS,
                0,
                0,
                20,
                'badge sticker tag stock low left',
                $named,
            ),
            Setting::choice(
                'card.label.most',
                'Labels at once',
                'card',
                StepKey::PRODUCTS,
                'all',
                LabelRules::MOST,
                keywords: 'badge sticker tag several which wins',
                when: $named,
            ),
            Setting::order(
                'card.label.order',
                'Which label comes first',
                'card',
                StepKey::PRODUCTS,
                LabelRules::KINDS,
                'badge sticker tag order which wins priority',
            ),
        ];
    }

    /**
     * @param array<string, string> $schemes
     *
     * @return list<Setting>
     */
    private static function product(array $schemes): array
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
