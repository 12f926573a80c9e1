<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Catalog;

use Ikat\Core\Header\Arrangement;
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
        'cart' => 'cart', 'saved' => 'saved items', 'search' => 'search', 'account' => 'account',
    ];

    /** What stands at them where words do. */
    public const ICON_WORDS = ['cart' => 'Cart', 'saved' => 'Saved items', 'search' => 'Search', 'account' => 'Your orders'];

    /**
     * @param array<string, string> $schemes
     *
     * @return list<Setting>
     */
    public static function all(array $schemes): array
    {
        $first = (string) array_key_first($schemes);
        $menuShown = Condition::is('header.menu.place', ...array_keys(Arrangement::PLACES));
        $hasButton = Condition::on('header.button.show');
        $hasSearch = Condition::is('header.search', 'icon', 'box');

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
            self::place('logo', 'start', 'logo position left center row'),
            Setting::menu('header.menu.main', 'Which menu', 'header', StepKey::HEADER, 'main', keywords: 'main'),
            self::place('menu', 'start', 'navigation menu row position hamburger', null, [Arrangement::FOLDED => 'folded away']),
            Setting::choice(
                'header.menu.folds',
                'The menu folds away',
                'header',
                StepKey::HEADER,
                'fits',
                ['fits' => 'where it no longer fits', 'at' => 'below a width of your own'],
                keywords: 'breakpoint width hamburger mobile menu',
                when: $menuShown,
            ),
            Setting::length(
                'header.menu.fold',
                'Menu folds below',
                'header',
                StepKey::HEADER,
                1023,
                320,
                1920,
                keywords: 'breakpoint width hamburger mobile menu',
                when: Condition::is('header.menu.folds', 'at'),
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
            self::place('second', 'end', 'second menu position'),
            Setting::choice(
                'header.menu.pointed',
                'A menu word that is pointed at',
                'header',
                StepKey::HEADER,
                'underline',
                ['underline' => 'is underlined', 'glow' => 'glows', 'button' => 'has the button’s colors', 'none' => 'stays as it is'],
                keywords: 'hover underline glow highlight pointer',
            ),
            Setting::count(
                'header.menu.speed',
                'Thousandths of a second until it does',
                'header',
                StepKey::HEADER,
                120,
                0,
                600,
                'hover speed duration motion',
                Condition::is('header.menu.pointed', 'underline', 'glow', 'button'),
            ),
            Setting::switch('header.button.show', 'Category button', 'header', StepKey::HEADER, false, 'shop all categories button menu'),
            Setting::text(
                'header.button.text',
                'Category button: words',
                'header',
                StepKey::HEADER,
                'All goods',
                24,
                'shop all categories',
                $hasButton,
            ),
            Setting::menu('header.button.menu', 'Category button: which menu', 'header', StepKey::HEADER, 'main', when: $hasButton),
            self::place('button', 'start', 'category button position', $hasButton),
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
            Setting::length(
                'header.row.rule',
                'Rule between the rows',
                'header',
                StepKey::HEADER,
                0,
                0,
                6,
                0.5,
                keywords: 'line border divider second row',
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
            self::place('search', 'end', 'search position', Condition::is('header.search', 'box')),
            Setting::length(
                'header.search.width',
                'Width of the search box',
                'header',
                StepKey::HEADER,
                190,
                120,
                420,
                5,
                keywords: 'search field size',
                when: Condition::is('header.search', 'box'),
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
                'icons order search cart account saved',
            ),
            Setting::choice(
                'header.icons.words',
                'Words at the icons',
                'header',
                StepKey::HEADER,
                'none',
                ['none' => 'none', 'beside' => 'beside them', 'under' => 'under them'],
                keywords: 'icons labels text',
            ),
            self::place('icons', 'end', 'icons position'),
            Setting::order(
                'header.order',
                'Order of the parts within one place',
                'header',
                StepKey::HEADER,
                Arrangement::PARTS,
                'arrange order',
            ),
            Setting::choice(
                'header.folded.logo',
                'Logo beside a folded menu',
                'header',
                StepKey::HEADER,
                'start',
                ['start' => 'left', 'middle' => 'in the middle', 'above' => 'in a row of its own'],
                keywords: 'phone mobile logo position',
            ),
            Setting::choice(
                'header.folded.button',
                'Sign of the folded menu',
                'header',
                StepKey::HEADER,
                'start',
                ['start' => 'left', 'end' => 'right'],
                keywords: 'phone mobile hamburger',
            ),
            Setting::choice(
                'header.folded.search',
                'Search beside a folded menu',
                'header',
                StepKey::HEADER,
                'icon',
                ['icon' => 'as an icon', 'menu' => 'in the menu', 'box' => 'as a box in a row of its own'],
                keywords: 'phone mobile search',
                when: $hasSearch,
            ),
            Setting::switch(
                'header.folded.account',
                'Account icon beside a folded menu',
                'header',
                StepKey::HEADER,
                false,
                'phone mobile account',
                Condition::on('header.account'),
            ),
            Setting::switch(
                'header.folded.saved',
                'Saved items icon beside a folded menu',
                'header',
                StepKey::HEADER,
                false,
                'phone mobile saved',
                Condition::on('header.saved'),
            ),
            Setting::switch(
                'header.chooser',
                'Country and language chooser',
                'header',
                StepKey::HEADER,
                false,
                'country language region currency international',
            ),
            self::place('chooser', 'end', 'country language position', Condition::on('header.chooser')),
            Setting::choice(
                'header.sticky',
                'Header while the page scrolls',
                'header',
                StepKey::HEADER,
                'moves',
                [
                    'stays' => 'in sight all the way', 'smaller' => 'in sight, made thinner', 'returns' => 'in sight on the way up only',
                    'row' => 'its second row in sight', 'moves' => 'only at the top of the page',
                ],
                keywords: 'sticky header fixed scroll shrink',
            ),
            Setting::number(
                'header.sticky.size',
                'Share of its height once scrolled',
                'header',
                StepKey::HEADER,
                0.7,
                0.5,
                1,
                0.05,
                'shrink thin height scroll',
                Condition::is('header.sticky', 'smaller'),
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

    /** @param array<string, string> $more places of its own => in words */
    private static function place(string $part, string $default, string $keywords, ?Condition $when = null, array $more = []): Setting
    {
        return Setting::choice(
            Arrangement::path($part),
            ucfirst(Arrangement::PARTS[$part]).': place',
            'header',
            StepKey::HEADER,
            $default,
            [...Arrangement::PLACES, ...$more],
            keywords: $keywords,
            when: $when,
        );
    }
}
