<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Catalog;

use Ikat\Core\Setting\Condition;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\Step;

/** The header. */
final class HeaderSettings
{
    /** Menus of the Storeroom a part may show. */
    public const MENUS = ['main' => 'the main menu', 'help' => 'the help menu', 'foot' => 'the foot menu'];

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
            Setting::choice('header.scheme', 'Header wears', 'header', Step::Header, $first, $schemes, words: 'color scheme header'),
            Setting::choice('header.logo.place', 'Logo place', 'header', Step::Header, 'start', ['start' => 'at the left', 'middle' => 'in the middle', 'above' => 'on its own row above'], words: 'logo position left center row'),
            Setting::choice('header.menu.place', 'Menu place', 'header', Step::Header, 'beside', ['beside' => 'beside the logo', 'below' => 'on its own row below', 'folded' => 'folded away'], words: 'navigation menu row position hamburger'),
            Setting::length('header.menu.fold', 'Menu folds below', 'header', Step::Header, 1023, 320, 1600, words: 'breakpoint width hamburger mobile menu', when: $menuShown),
            Setting::length('header.menu.gap', 'Space between menu words', 'header', Step::Header, 28, 8, 56, words: 'navigation menu spacing', when: $menuShown),
            Setting::choice('header.menu.second', 'Second menu', 'header', Step::Header, 'none', ['none' => 'none', ...self::MENUS], words: 'navigation extra links'),
            Setting::length('header.space.top', 'Space above', 'header', Step::Header, 18, 0, 56, words: 'header height padding tall thin'),
            Setting::length('header.space.bottom', 'Space below', 'header', Step::Header, 18, 0, 56, words: 'header height padding tall thin'),
            Setting::length('header.rule', 'Rule under the header', 'header', Step::Header, 1, 0, 6, 0.5, words: 'line border divider'),
            Setting::choice('header.search', 'Search', 'header', Step::Header, 'icon', ['none' => 'not in the header', 'icon' => 'as an icon', 'box' => 'as a box'], words: 'search icon magnifier find field'),
            Setting::switch('header.account', 'Account icon', 'header', Step::Header, false, 'account person order customer'),
            Setting::switch('header.saved', 'Saved items icon', 'header', Step::Header, false, 'wish list heart favorites saved'),
            Setting::switch('header.cart', 'Cart icon', 'header', Step::Header, true, 'basket bag cart'),
            Setting::switch('header.chooser', 'Country and language chooser', 'header', Step::Header, false, 'country language region currency international'),
            Setting::choice('header.sticky', 'When the page scrolls', 'header', Step::Header, 'moves', ['moves' => 'the header moves with it', 'stays' => 'it stays', 'smaller' => 'it stays, but smaller', 'returns' => 'it comes back on scrolling up'], words: 'sticky header fixed scroll shrink'),
            Setting::switch('header.over', 'Transparent over the first band', 'header', Step::Header, false, 'transparent header overlay picture'),
            Setting::choice('header.over.scheme', 'Over the band it wears', 'header', Step::Header, $first, $schemes, words: 'transparent header color scheme', when: Condition::on('header.over')),
        ];
    }
}
