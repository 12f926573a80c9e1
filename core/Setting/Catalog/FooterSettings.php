<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Catalog;

use Ikat\Core\Look\ItemLists;
use Ikat\Core\Setting\Condition;
use Ikat\Core\Setting\Item;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\StepKey;
use Ikat\Core\Setting\Type\ItemsType;

/** The footer and its blocks. */
final class FooterSettings
{
    public const BLOCKS = [
        'about' => 'who we are', 'links' => 'menu', 'payment' => 'ways to pay', 'policies' => 'terms and policies', 'picture' => 'picture',
        'newsletter' => 'newsletter', 'social' => 'where else we are', 'words' => 'free words', 'reach' => 'how to reach us',
        'chooser' => 'country and language',
    ];

    /** Ways to pay that a mark can stand for: key => [words, icon] */
    public const MARKS = [
        'card' => ['Card', 'credit-card'], 'bank' => ['Bank transfer', 'landmark'], 'cash' => ['Cash on collection', 'banknote'],
        'gift' => ['Gift card', 'gift'],
    ];

    public static function blocks(): Setting
    {
        return Setting::items(
            'footer.blocks',
            'Blocks of the footer',
            'footer',
            StepKey::FOOTER,
            'about-1,links-1,links-2',
            new ItemsType(self::BLOCKS, 'block', 12),
            'footer columns order',
        );
    }

    /**
     * @param array<string, string> $schemes
     *
     * @return list<Setting>
     */
    public static function all(array $schemes, ItemLists $lists): array
    {
        return [
            Setting::choice(
                'footer.scheme',
                'Footer: color scheme',
                'footer',
                StepKey::FOOTER,
                (string) array_key_first($schemes),
                $schemes,
                keywords: 'footer color scheme',
            ),
            Setting::length(
                'footer.space',
                'Space above and below',
                'footer',
                StepKey::FOOTER,
                40,
                8,
                96,
                4,
                keywords: 'footer padding height',
            ),
            Setting::number('footer.columns', 'Columns on a desktop', 'footer', StepKey::FOOTER, 4, 1, 6, 1, 'footer blocks columns'),
            self::blocks(),
            Setting::switch('footer.logo', 'Logo at the foot', 'footer', StepKey::FOOTER, false, 'footer logo brand'),
            ...array_merge(...array_map(static fn(Item $i): array => self::block($i, $schemes), $lists->of('footer.blocks')) ?: [[]]),
            Setting::switch('footer.credit', 'Show the credit line', 'footer', StepKey::FOOTER, true, 'footer made with credit'),
        ];
    }

    /**
     * @param array<string, string> $schemes
     *
     * @return list<Setting>
     */
    private static function block(Item $item, array $schemes): array
    {
        $title = ucfirst(self::BLOCKS[$item->kind]).($item->number > 1 ? " $item->number" : '');
        $part = "block-{$item->name()}";
        $on = Condition::on($item->path('show'));
        $text = static fn(string $key, string $label, string $default, int $max, string $words = ''): Setting => Setting::text(
            $item->path($key),
            "$title: $label",
            $part,
            StepKey::FOOTER,
            $default,
            $max,
            "footer block $words",
            $on,
        );
        $heading = $text('heading', 'heading', self::heading($item->kind), 40, 'title');

        return [
            Setting::switch($item->path('show'), "$title shows", $part, StepKey::FOOTER, true, 'footer block on off hide'),
            Setting::choice(
                $item->path('scheme'),
                "$title: color scheme",
                $part,
                StepKey::FOOTER,
                'around',
                ['around' => 'as the footer', ...$schemes],
                keywords: 'footer block color scheme',
                when: $on,
            ),
            Setting::number(
                $item->path('span'),
                "$title: columns it takes",
                $part,
                StepKey::FOOTER,
                $item->kind === 'about' ? 2 : 1,
                1,
                6,
                1,
                'footer block width span',
                $on,
            ),
            ...match ($item->kind) {
                'links' => [
                    $heading,
                    Setting::menu(
                        $item->path('menu'),
                        "$title: which menu",
                        $part,
                        StepKey::FOOTER,
                        $item->number === 1 ? 'main' : 'foot',
                        keywords: 'footer block',
                        when: $on,
                    ),
                ],
                'words', 'about' => [$heading, $text('text', 'text', '', 400, 'paragraph')],
                'picture' => [
                    Setting::picture($item->path('picture'), "$title: picture", $part, StepKey::FOOTER, when: $on),
                    Setting::length(
                        $item->path('width'),
                        "$title: width",
                        $part,
                        StepKey::FOOTER,
                        160,
                        40,
                        480,
                        keywords: 'footer picture size',
                        when: $on,
                    ),
                    Setting::target($item->path('target'), "$title: leads to", $part, StepKey::FOOTER, when: $on),
                ],
                'newsletter' => [
                    $heading, $text('text', 'words', '', 200), $text('button', 'button words', 'Sign me up', 40),
                    ButtonScheme::of($item->path('button'), "$title: button", $part, StepKey::FOOTER, 'the block', $schemes, $on),
                ],
                'reach' => [
                    $heading,
                    Setting::switch($item->path('hours'), "$title: opening hours", $part, StepKey::FOOTER, true, 'footer open when', $on),
                ],
                'social' => [$heading, ...self::addresses($item, $title, $part, $on)],
                'payment' => [
                    $heading,
                    ...array_map(
                        static fn(string $key): Setting => Setting::switch(
                            $item->path($key),
                            "$title: ".mb_strtolower(self::MARKS[$key][0]),
                            $part,
                            StepKey::FOOTER,
                            $key !== 'gift',
                            'footer pay mark',
                            $on,
                        ),
                        array_keys(self::MARKS),
                    ),
                ],
                default => [$heading],
            },
        ];
    }

    /** @return list<Setting> */
    private static function addresses(Item $item, string $title, string $part, Condition $on): array
    {
        $settings = [];
        foreach (['first', 'second', 'third', 'fourth'] as $key) {
            $settings[] = Setting::text(
                $item->path("$key.text"),
                "$title: $key name",
                $part,
                StepKey::FOOTER,
                '',
                30,
                'footer social network',
                $on,
            );
            $settings[] = Setting::target(
                $item->path("$key.address"),
                "$title: $key address",
                $part,
                StepKey::FOOTER,
                '',
                true,
                'footer social network',
                $on,
            );
        }

        return $settings;
    }

    private static function heading(string $kind): string
    {
        return match ($kind) {
            'links' => 'Shop', 'about' => 'About', 'newsletter' => 'Newsletter', 'social' => 'Elsewhere',
            'payment' => 'Ways to pay', 'reach' => 'How to reach us', 'policies' => 'Good to know', 'chooser' => 'Country and language',
            default => '',
        };
    }
}
