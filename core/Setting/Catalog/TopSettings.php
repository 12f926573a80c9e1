<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Catalog;

use Ikat\Core\Look\ItemLists;
use Ikat\Core\Setting\Condition;
use Ikat\Core\Setting\Item;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\StepKey;
use Ikat\Core\Setting\Type\ItemsType;

/** Announcement bar and utility strip. */
final class TopSettings
{
    /** What the utility strip may say, from left to right. */
    public const UTILITY = ['words', 'phone', 'email', 'first', 'second'];

    public static function messages(): Setting
    {
        return Setting::items(
            'announcement.messages',
            'Messages',
            'announcement',
            StepKey::HEADER,
            'message-1',
            new ItemsType(['message' => 'message'], 'message', 6),
            'announcement several order',
            Condition::on('announcement.show'),
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
            ...self::announcement($schemes),
            ...array_merge(...array_map(self::message(...), $lists->of('announcement.messages')) ?: [[]]),
            ...self::utility($schemes),
        ];
    }

    /**
     * @param array<string, string> $schemes
     *
     * @return list<Setting>
     */
    private static function announcement(array $schemes): array
    {
        $on = Condition::on('announcement.show');
        $chosen = Condition::is('announcement.pages', 'chosen');
        $settings = [
            Setting::switch(
                'announcement.show',
                'Show the announcement bar',
                'announcement',
                StepKey::HEADER,
                true,
                'announcement message top bar on off',
            ),
            self::messages(),
            Setting::choice(
                'announcement.scheme',
                'Announcement bar: color scheme',
                'announcement',
                StepKey::HEADER,
                (string) array_key_first($schemes),
                $schemes,
                keywords: 'color scheme top bar',
                when: $on,
            ),
            Setting::choice(
                'announcement.turn',
                'Several messages show',
                'announcement',
                StepKey::HEADER,
                'together',
                ['together' => 'together', 'turn' => 'in turn, with a pause button'],
                keywords: 'rotate slide carousel',
                when: $on,
            ),
            Setting::count(
                'announcement.pace',
                'Seconds for each message',
                'announcement',
                StepKey::HEADER,
                6,
                4,
                20,
                'rotate speed time',
                Condition::is('announcement.turn', 'turn'),
            ),
            Setting::switch(
                'announcement.dismiss',
                'Visitors can close it',
                'announcement',
                StepKey::HEADER,
                false,
                'dismiss close hide',
                $on,
            ),
            Setting::count(
                'announcement.dismiss.days',
                'Days it stays closed',
                'announcement',
                StepKey::HEADER,
                7,
                1,
                90,
                'dismiss close hide again',
                Condition::on('announcement.dismiss'),
            ),
            Setting::length(
                'announcement.size',
                'Announcement letters',
                'announcement',
                StepKey::HEADER,
                15,
                12,
                20,
                keywords: 'font size',
                when: $on,
            ),
            Setting::length(
                'announcement.space',
                'Space above and below the messages',
                'announcement',
                StepKey::HEADER,
                9,
                2,
                24,
                keywords: 'padding height',
                when: $on,
            ),
            Setting::choice(
                'announcement.pages',
                'It shows on',
                'announcement',
                StepKey::HEADER,
                'all',
                ['all' => 'all pages', 'chosen' => 'chosen pages'],
                keywords: 'where pages',
                when: $on,
            ),
        ];
        foreach ([
            'home' => 'the home page', 'category' => 'categories and search', 'product' => 'product pages', 'content' => 'content pages',
            'cart' => 'cart and checkout',
        ] as $page => $words) {
            $settings[] = Setting::switch(
                "announcement.on.$page",
                "On $words",
                'announcement',
                StepKey::HEADER,
                $page !== 'cart',
                'where pages',
                $chosen,
            );
        }

        return $settings;
    }

    /** @return list<Setting> */
    private static function message(Item $item): array
    {
        $on = Condition::on($item->path('show'));
        $part = "message-{$item->name()}";

        return [
            Setting::switch(
                $item->path('show'),
                "Message $item->number shows",
                $part,
                StepKey::HEADER,
                true,
                'announcement on off',
                Condition::on('announcement.show'),
            ),
            Setting::text(
                $item->path('text'),
                "Message $item->number",
                $part,
                StepKey::HEADER,
                '',
                120,
                'announcement words sale shipping',
                $on,
                true,
            ),
            Setting::target(
                $item->path('target'),
                "Message $item->number leads to",
                $part,
                StepKey::HEADER,
                keywords: 'announcement',
                when: $on,
            ),
            Setting::moment(
                $item->path('starts'),
                "Message $item->number shows from",
                $part,
                StepKey::HEADER,
                keywords: 'announcement begin time date',
                when: $on,
            ),
            Setting::moment(
                $item->path('ends'),
                "Message $item->number shows until",
                $part,
                StepKey::HEADER,
                keywords: 'announcement end time date',
                when: $on,
            ),
        ];
    }

    /**
     * @param array<string, string> $schemes
     *
     * @return list<Setting>
     */
    private static function utility(array $schemes): array
    {
        $on = Condition::on('utility.show');
        $settings = [
            Setting::switch(
                'utility.show',
                'Show the utility strip',
                'utility',
                StepKey::HEADER,
                true,
                'utility strip contact line on off',
            ),
            Setting::choice(
                'utility.scheme',
                'Utility strip: color scheme',
                'utility',
                StepKey::HEADER,
                (string) array_key_first($schemes),
                $schemes,
                keywords: 'color scheme strip',
                when: $on,
            ),
            Setting::switch('utility.icons', 'Icons in the strip', 'utility', StepKey::HEADER, true, 'icon symbol', $on),
        ];
        foreach ([
            'words' => ['Line of words', 80, 'sentence'],
            'phone' => ['Telephone', 30, 'phone number call contact'],
            'email' => ['E-mail', 60, 'mail address contact'],
        ] as $key => [$label, $max, $words]) {
            $settings[] = Setting::switch("utility.$key.show", "$label shows", 'utility', StepKey::HEADER, true, $words.' on off', $on);
            $settings[] = self::devices($key, $label);
            $settings[] = Setting::text(
                "utility.$key.text",
                $label,
                'utility',
                StepKey::HEADER,
                '',
                $max,
                'utility strip '.$words,
                Condition::on("utility.$key.show"),
            );
        }
        foreach (['first' => 'First', 'second' => 'Second'] as $key => $name) {
            $shown = Condition::on("utility.$key.show");
            $settings[] = Setting::switch(
                "utility.$key.show",
                "$name button shows",
                'utility',
                StepKey::HEADER,
                false,
                'utility strip button on off',
                $on,
            );
            $settings[] = self::devices($key, "$name button");
            $settings[] = Setting::text(
                "utility.$key.text",
                "$name button words",
                'utility',
                StepKey::HEADER,
                '',
                30,
                'utility strip button',
                $shown,
            );
            $settings[] = Setting::target(
                "utility.$key.target",
                "$name button leads to",
                'utility',
                StepKey::HEADER,
                keywords: 'utility strip button',
                when: $shown,
            );
        }

        return $settings;
    }

    private static function devices(string $key, string $label): Setting
    {
        return Setting::choice(
            "utility.$key.devices",
            "$label: devices",
            'utility',
            StepKey::HEADER,
            $key === 'phone' ? 'all' : 'wide',
            ['all' => 'on every device', 'wide' => 'not on a phone: in its menu there', 'phone' => 'on a phone only'],
            keywords: 'phone mobile desktop devices',
            when: Condition::on("utility.$key.show"),
        );
    }
}
