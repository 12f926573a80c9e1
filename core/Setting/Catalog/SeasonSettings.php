<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Catalog;

use Ikat\Core\Look\ItemLists;
use Ikat\Core\Setting\Condition;
use Ikat\Core\Setting\Item;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\Step;

/** Seasons: when each runs and what it swaps. An empty swap leaves the look as it is. */
final class SeasonSettings
{
    public static function seasons(): Setting
    {
        return Setting::items('seasons', 'Seasons', 'seasons', Step::Seasons, '', ['season' => 'season'], 'season', 12, 'calendar holiday sale campaign banner');
    }

    /**
     * @param array<string, string> $schemes
     *
     * @return list<Setting>
     */
    public static function all(array $schemes, ItemLists $lists): array
    {
        return [self::seasons(), ...array_merge(...array_map(static fn(Item $i): array => self::season($i, $schemes), $lists->of('seasons')) ?: [[]])];
    }

    /**
     * @param array<string, string> $schemes
     *
     * @return list<Setting>
     */
    private static function season(Item $item, array $schemes): array
    {
        $part = "season-{$item->name()}";
        $on = Condition::on($item->path('on'));
        $text = static fn(string $key, string $label, int $max): Setting => Setting::text($item->path($key), $label, $part, Step::Seasons, '', $max, 'season swap banner announcement', $on, $key !== 'button');

        return [
            Setting::text($item->path('name'), 'Name of the season', $part, Step::Seasons, "Season $item->number", 40, 'season campaign'),
            Setting::switch($item->path('on'), 'The season is on', $part, Step::Seasons, true, 'season on off'),
            Setting::moment($item->path('starts'), 'Starts', $part, Step::Seasons, words: 'season begin from date time', when: $on),
            Setting::moment($item->path('ends'), 'Ends', $part, Step::Seasons, words: 'season until date time', when: $on),
            Setting::switch($item->path('yearly'), 'Comes back every year', $part, Step::Seasons, false, 'season repeat annual', $on),
            Setting::picture($item->path('picture'), 'Lead picture meanwhile', $part, Step::Seasons, words: 'season swap banner', when: $on),
            $text('kicker', 'Small line meanwhile', 60),
            $text('heading', 'Headline meanwhile', 80),
            $text('words', 'Words meanwhile', 300),
            $text('button', 'Button words meanwhile', 40),
            Setting::target($item->path('target'), 'Button leads to meanwhile', $part, Step::Seasons, words: 'season swap banner', when: $on),
            $text('announcement', 'Announcement meanwhile', 120),
            Setting::choice($item->path('from'), 'Instead of the scheme', $part, Step::Seasons, 'none', ['none' => 'none', ...$schemes], words: 'season swap color scheme', when: $on),
            Setting::choice($item->path('to'), 'parts wear', $part, Step::Seasons, (string) array_key_first($schemes), $schemes, words: 'season swap color scheme', when: $on),
        ];
    }
}
