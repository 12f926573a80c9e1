<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Catalog;

use Ikat\Core\Look\ItemLists;
use Ikat\Core\Setting\Condition;
use Ikat\Core\Setting\Item;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\Step;

/** Announcement bar and utility strip. */
final class TopSettings
{
    public static function messages(): Setting
    {
        return Setting::items('announcement.messages', 'Messages', 'announcement', Step::Header, 'message-1', ['message' => 'message'], 'message', 6, 'announcement several order', Condition::on('announcement.show'));
    }

    /**
     * @param array<string, string> $schemes
     *
     * @return list<Setting>
     */
    public static function all(array $schemes, ItemLists $lists): array
    {
        return [...self::announcement($schemes), ...array_merge(...array_map(self::message(...), $lists->of('announcement.messages')) ?: [[]]), ...self::utility($schemes)];
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
            Setting::switch('announcement.show', 'Show the announcement bar', 'announcement', Step::Header, true, 'announcement message top bar on off'),
            self::messages(),
            Setting::choice('announcement.scheme', 'Announcement bar wears', 'announcement', Step::Header, (string) array_key_first($schemes), $schemes, words: 'color scheme top bar', when: $on),
            Setting::choice('announcement.turn', 'Several messages show', 'announcement', Step::Header, 'together', ['together' => 'together', 'turn' => 'in turn, with a pause button'], words: 'rotate slide carousel', when: $on),
            Setting::count('announcement.pace', 'Seconds for each message', 'announcement', Step::Header, 6, 4, 20, 'rotate speed time', Condition::is('announcement.turn', 'turn')),
            Setting::switch('announcement.dismiss', 'Visitors can close it', 'announcement', Step::Header, false, 'dismiss close hide', $on),
            Setting::length('announcement.size', 'Announcement letters', 'announcement', Step::Header, 15, 12, 20, words: 'font size', when: $on),
            Setting::length('announcement.space', 'Space above and below the messages', 'announcement', Step::Header, 9, 2, 24, words: 'padding height', when: $on),
            Setting::choice('announcement.pages', 'It shows on', 'announcement', Step::Header, 'all', ['all' => 'all pages', 'chosen' => 'chosen pages'], words: 'where pages', when: $on),
        ];
        foreach (['home' => 'the home page', 'category' => 'categories and search', 'product' => 'product pages', 'content' => 'content pages', 'cart' => 'cart and checkout'] as $page => $words) {
            $settings[] = Setting::switch("announcement.on.$page", "On $words", 'announcement', Step::Header, $page !== 'cart', 'where pages', $chosen);
        }

        return $settings;
    }

    /** @return list<Setting> */
    private static function message(Item $item): array
    {
        $on = Condition::on($item->path('show'));
        $part = "message-{$item->name()}";

        return [
            Setting::switch($item->path('show'), "Message $item->number shows", $part, Step::Header, true, 'announcement on off', Condition::on('announcement.show')),
            Setting::text($item->path('text'), "Message $item->number", $part, Step::Header, '', 120, 'announcement words sale shipping', $on, true),
            Setting::target($item->path('target'), "Message $item->number leads to", $part, Step::Header, words: 'announcement', when: $on),
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
            Setting::switch('utility.show', 'Show the utility strip', 'utility', Step::Header, true, 'utility strip contact line on off'),
            Setting::choice('utility.scheme', 'Utility strip wears', 'utility', Step::Header, (string) array_key_first($schemes), $schemes, words: 'color scheme strip', when: $on),
            Setting::switch('utility.icons', 'Icons in the strip', 'utility', Step::Header, true, 'icon symbol', $on),
        ];
        foreach (['words' => ['Line of words', 80, 'sentence'], 'phone' => ['Telephone', 30, 'phone number call contact'], 'email' => ['E-mail', 60, 'mail address contact']] as $key => [$label, $max, $words]) {
            $settings[] = Setting::switch("utility.$key.show", "$label shows", 'utility', Step::Header, true, $words.' on off', $on);
            $settings[] = Setting::text("utility.$key.text", $label, 'utility', Step::Header, '', $max, 'utility strip '.$words, Condition::on("utility.$key.show"));
        }
        foreach (['first' => 'First', 'second' => 'Second'] as $key => $name) {
            $shown = Condition::on("utility.$key.show");
            $settings[] = Setting::switch("utility.$key.show", "$name button shows", 'utility', Step::Header, false, 'utility strip button on off', $on);
            $settings[] = Setting::text("utility.$key.text", "$name button words", 'utility', Step::Header, '', 30, 'utility strip button', $shown);
            $settings[] = Setting::target("utility.$key.target", "$name button leads to", 'utility', Step::Header, words: 'utility strip button', when: $shown);
        }

        return $settings;
    }
}
