<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Catalog;

use Ikat\Core\Setting\Condition;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\StepKey;
use Ikat\Core\Setting\Type\MenuType;

/** The header. */
final class HeaderSettings
{
    /**
     * What stands at the end of the header, in the order to begin with: what is carried, what was liked, then ways to look and who looks.
     */
    public const ICONS = [
        'cart' => 'cart', 'saved' => 'saved items', 'search' => 'search', 'account' => 'account', 'chooser' => 'country and language',
    ];

    /**
     * @param array<string, string> $schemes
     *
     * @return list<Setting>
     */
    public static function all(array $schemes): array
    {
        $first = (string) array_key_first($schemes);
        $menuShown = Condition::is('header.menu.place', 'beside', 'below');

        return [
            Setting::choice(
                'header.scheme',
                'Header: color scheme',
                'header',
                StepKey::HEADER,
                $first,
                $schemes,
                keywords: 'color scheme header',
            ),
            Setting::choice(
                'header.logo.place',
                'Logo place',
                'header',
                StepKey::HEADER,
                'start',
                ['start' => 'left', 'middle' => 'middle', 'above' => 'on its own row above'],
                keywords: 'logo position left center row',
            ),
            Setting::menu('header.menu.main', 'Which menu', 'header', StepKey::HEADER, 'main', keywords: 'main'),
            Setting::choice(
                'header.menu.place',
                'Menu place',
                'header',
                StepKey::HEADER,
                'beside',
                ['beside' => 'beside the logo', 'below' => 'on its own row below', 'folded' => 'folded away'],
                keywords: 'navigation menu row position hamburger',
            ),
            Setting::length(
                'header.menu.fold',
                'Menu folds below',
                'header',
                StepKey::HEADER,
                1023,
                320,
                1600,
                keywords: 'breakpoint width hamburger mobile menu',
                when: $menuShown,
            ),
            Setting::length(
                'header.menu.gap',
                'Space between menu words',
                'header',
                StepKey::HEADER,
                28,
                8,
                56,
                keywords: 'navigation menu spacing',
                when: $menuShown,
            ),
            Setting::menu(
                'header.menu.second',
                'Second menu',
                'header',
                StepKey::HEADER,
                MenuType::NONE,
                isOptional: true,
                keywords: 'extra',
            ),
            Setting::length(
                'header.space.top',
                'Space above',
                'header',
                StepKey::HEADER,
                18,
                0,
                56,
                keywords: 'header height padding tall thin',
            ),
            Setting::length(
                'header.space.bottom',
                'Space below',
                'header',
                StepKey::HEADER,
                18,
                0,
                56,
                keywords: 'header height padding tall thin',
            ),
            Setting::length(
                'header.rule',
                'Rule under the header',
                'header',
                StepKey::HEADER,
                1,
                0,
                6,
                0.5,
                keywords: 'line border divider',
            ),
            Setting::choice(
                'header.search',
                'Search',
                'header',
                StepKey::HEADER,
                'icon',
                ['none' => 'not in the header', 'icon' => 'as an icon', 'box' => 'as a box'],
                keywords: 'search icon magnifier find field',
            ),
            Setting::switch('header.account', 'Account icon', 'header', StepKey::HEADER, false, 'account person order customer'),
            Setting::switch('header.saved', 'Saved items icon', 'header', StepKey::HEADER, false, 'wish list heart favorites saved'),
            Setting::switch('header.cart', 'Cart icon', 'header', StepKey::HEADER, true, 'basket bag cart'),
            Setting::order(
                'header.icons',
                'Order of the icons',
                'header',
                StepKey::HEADER,
                self::ICONS,
                'icons order search cart account saved chooser',
            ),
            Setting::switch(
                'header.chooser',
                'Country and language chooser',
                'header',
                StepKey::HEADER,
                false,
                'country language region currency international',
            ),
            Setting::choice(
                'header.sticky',
                'Header while the page scrolls',
                'header',
                StepKey::HEADER,
                'moves',
                [
                    'stays' => 'in sight all the way', 'smaller' => 'in sight, made thinner', 'returns' => 'in sight on the way up only',
                    'moves' => 'only at the top of the page',
                ],
                keywords: 'sticky header fixed scroll shrink',
            ),
            Setting::switch(
                'header.over',
                'Transparent over the first band',
                'header',
                StepKey::HEADER,
                false,
                'transparent header overlay picture',
            ),
            Setting::choice(
                'header.over.scheme',
                'Color scheme over the band',
                'header',
                StepKey::HEADER,
                $first,
                $schemes,
                keywords: 'transparent header color scheme',
                when: Condition::on('header.over'),
            ),
        ];
    }
}
