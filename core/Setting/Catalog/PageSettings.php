<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Catalog;

use Ikat\Core\Look\ItemLists;
use Ikat\Core\Setting\Condition;
use Ikat\Core\Setting\Item;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\StepKey;
use Ikat\Core\Setting\Type\ItemsType;

/** The page itself, the home page's bands, and the locked shop. */
final class PageSettings
{
    public const BANDS = [
        'lead' => 'lead picture', 'row' => 'product row', 'words' => 'words', 'columns' => 'columns of picture and words',
        'newsletter' => 'newsletter', 'gallery' => 'gallery', 'space' => 'empty space', 'rule' => 'rule',
    ];

    public static function bands(): Setting
    {
        return Setting::items(
            'home.bands',
            'Bands of the home page',
            'home',
            StepKey::PAGES,
            'lead-1,row-1',
            new ItemsType(self::BANDS, 'band', 24),
            'sections blocks order home',
        );
    }

    /**
     * @param array<string, string> $schemes
     *
     * @return list<Setting>
     */
    public static function all(array $schemes, ItemLists $lists): array
    {
        $first = (string) array_key_first($schemes);

        return [
            Setting::choice(
                'page.scheme',
                'Color scheme of the pages',
                'page',
                StepKey::PAGES,
                $first,
                $schemes,
                keywords: 'color scheme page body background',
            ),
            Setting::length(
                'page.width',
                'Page width',
                'page',
                StepKey::PAGES,
                1168,
                880,
                1600,
                8,
                keywords: 'content width wide narrow container',
            ),
            Setting::length('page.space', 'Space between bands', 'page', StepKey::PAGES, 40, 0, 96, 4, keywords: 'padding margin distance'),
            self::bands(),
            ...array_merge(...array_map(static fn(Item $i): array => BandSettings::of($i, $schemes), $lists->of('home.bands')) ?: [[]]),
            Setting::choice(
                'locked.scheme',
                'Locked shop: color scheme',
                'locked',
                StepKey::PAGES,
                $first,
                $schemes,
                keywords: 'password closed color scheme',
            ),
            Setting::text(
                'locked.heading',
                'Locked shop heading',
                'locked',
                StepKey::PAGES,
                'This shop is closed',
                60,
                'password closed title',
            ),
            Setting::text('locked.words', 'Locked shop words', 'locked', StepKey::PAGES, '', 200, 'password closed text'),
            Setting::switch(
                'locked.list',
                'Take addresses for the opening',
                'locked',
                StepKey::PAGES,
                false,
                'launch newsletter coming soon',
            ),
            Setting::text(
                'locked.list.words',
                'Words over the field for addresses',
                'locked',
                StepKey::PAGES,
                'Tell me when it opens',
                60,
                'launch newsletter coming soon',
                when: Condition::on('locked.list'),
            ),
            Setting::text(
                'locked.list.button',
                'Button beside the field for addresses',
                'locked',
                StepKey::PAGES,
                'Write to me',
                30,
                'launch newsletter coming soon',
                when: Condition::on('locked.list'),
            ),
            Setting::text('locked.button', 'Locked shop button', 'locked', StepKey::PAGES, 'Let me in', 30, 'password closed enter'),
            ButtonScheme::of('locked.button', 'Locked shop button', 'locked', StepKey::PAGES, 'the locked shop', $schemes),
        ];
    }
}
