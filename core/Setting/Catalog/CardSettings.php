<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Catalog;

use Ikat\Core\Grid\CardLines;
use Ikat\Core\Grid\CardStand;
use Ikat\Core\Grid\LabelRules;
use Ikat\Core\Grid\Proportion;
use Ikat\Core\Setting\Condition;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\StepKey;

/** The product card, and the labels on its picture. */
final class CardSettings
{
    /** What a picture without a ground of its own stands on, and what it throws there. */
    private const GROUNDS = [
        'quiet' => 'the quiet surface', 'page' => 'the page itself', 'ink' => 'the color of words', 'action' => 'the color of actions',
    ];
    private const SHADOWS = ['none' => 'none', 'soft' => 'soft, below', 'ground' => 'at its foot'];

    /**
     * @param array<string, string> $schemes
     *
     * @return list<Setting>
     */
    public static function all(array $schemes): array
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
                'card.stand',
                'Where its words stand',
                'card',
                StepKey::PRODUCTS,
                'below',
                CardStand::WAYS,
                keywords: 'product card layout horizontal list beside side by side',
                when: Condition::is('grid.arrange', 'tiles'),
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
                'card.touch',
                'Where nothing points: on a touch screen',
                'card',
                StepKey::PRODUCTS,
                'nothing',
                [
                    'nothing' => 'nothing', 'small' => 'the second picture, small in a corner',
                    'passing' => 'the second picture while it passes the middle',
                ],
                keywords: 'product card hover touch mobile phone tap second picture',
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
}
