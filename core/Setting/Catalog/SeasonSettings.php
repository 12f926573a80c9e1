<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Catalog;

use Ikat\Core\Look\ItemLists;
use Ikat\Core\Setting\Condition;
use Ikat\Core\Setting\Item;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\StepKey;
use Ikat\Core\Setting\Type\ItemsType;

/** Seasons: when each runs and what it swaps. An empty swap leaves the look as it is. */
final class SeasonSettings
{
    public static function seasons(): Setting
    {
        return Setting::items(
            'seasons',
            'Seasons',
            'seasons',
            StepKey::SEASONS,
            '',
            new ItemsType(['season' => 'season'], 'season', 12, 'on'),
            'calendar holiday sale campaign banner',
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
            self::seasons(),
            ...array_merge(...array_map(static fn(Item $i): array => self::season($i, $schemes), $lists->of('seasons')) ?: [[]]),
        ];
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
        $text = static fn(string $key, string $label, int $max): Setting => Setting::text(
            $item->path($key),
            $label,
            $part,
            StepKey::SEASONS,
            '',
            $max,
            'season swap banner announcement',
            $on,
            $key !== 'button',
        );

        return [
            Setting::text(
                $item->path('name'),
                'Name of the season',
                $part,
                StepKey::SEASONS,
                "Season $item->number",
                40,
                'season campaign',
            ),
            Setting::switch($item->path('on'), 'The season is on', $part, StepKey::SEASONS, true, 'season on off'),
            Setting::moment($item->path('starts'), 'Starts', $part, StepKey::SEASONS, keywords: 'season begin from date time', when: $on),
            Setting::moment($item->path('ends'), 'Ends', $part, StepKey::SEASONS, keywords: 'season until date time', when: $on),
            Setting::switch($item->path('yearly'), 'Comes back every year', $part, StepKey::SEASONS, false, 'season repeat annual', $on),
            Setting::picture(
                $item->path('picture'),
                'During the season: lead picture',
                $part,
                StepKey::SEASONS,
                keywords: 'season swap banner',
                when: $on,
            ),
            $text('kicker', 'During the season: small line', 60),
            $text('heading', 'During the season: headline', 80),
            $text('words', 'During the season: words', 300),
            $text('button', 'During the season: button words', 40),
            Setting::target(
                $item->path('target'),
                'During the season: button leads to',
                $part,
                StepKey::SEASONS,
                keywords: 'season swap banner',
                when: $on,
            ),
            $text('announcement', 'During the season: announcement', 120),
            Setting::choice(
                $item->path('from'),
                'During the season: instead of the color scheme',
                $part,
                StepKey::SEASONS,
                'none',
                ['none' => 'none', ...$schemes],
                keywords: 'season swap color scheme',
                when: $on,
            ),
            Setting::choice(
                $item->path('to'),
                'use the color scheme',
                $part,
                StepKey::SEASONS,
                (string) array_key_first($schemes),
                $schemes,
                keywords: 'season swap color scheme',
                when: $on,
            ),
        ];
    }
}
