<?php

declare(strict_types=1);

namespace Ikat\Core\Look\Catalog;

use Ikat\Core\Look\Condition;
use Ikat\Core\Look\Setting;
use Ikat\Core\Look\Step;

/** Logo and header. */
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
        return [...self::logo(), ...self::header($schemes)];
    }

    /** @return list<Setting> */
    private static function logo(): array
    {
        $isName = Condition::is('header.logo.kind', 'name');
        $isPicture = Condition::is('header.logo.kind', 'picture');

        return [
            Setting::choice('header.logo.kind', 'The logo is', 'logo', Step::Logo, 'name', ['name' => 'the shop’s name in the heading font', 'picture' => 'a picture'], words: 'logo image text wordmark'),
            Setting::picture('header.logo.picture', 'Logo picture', 'logo', Step::Logo, words: 'logo brand', when: $isPicture),
            Setting::text('header.logo.alt', 'Logo in words, for those who cannot see it', 'logo', Step::Logo, '', 80, 'logo alternative text alt', $isPicture),
            Setting::text('header.logo.name', 'Shop name', 'logo', Step::Logo, 'Your shop', 30, 'logo title brand name'),
            Setting::text('header.logo.line', 'Small line under it', 'logo', Step::Logo, '', 30, 'logo tagline subtitle slogan', $isName),
            Setting::switch('header.logo.sign', 'Lantern sign beside the name', 'logo', Step::Logo, true, 'logo icon mark symbol', $isName),
            Setting::length('header.logo.size.desktop', 'Logo size on a desktop', 'logo', Step::Logo, 31, 16, 96, words: 'logo height big small'),
            Setting::length('header.logo.size.tablet', 'Logo size on a tablet', 'logo', Step::Logo, 30, 16, 80, words: 'logo height big small'),
            Setting::length('header.logo.size.phone', 'Logo size on a phone', 'logo', Step::Logo, 27, 16, 56, words: 'logo height big small mobile'),
            Setting::picture('header.logo.favicon', 'Icon in the browser’s tab', 'favicon', Step::Logo, words: 'favicon site icon tab'),
        ];
    }

    /**
     * @param array<string, string> $schemes
     *
     * @return list<Setting>
     */
    private static function header(array $schemes): array
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
