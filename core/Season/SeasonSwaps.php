<?php

declare(strict_types=1);

namespace Ikat\Core\Season;

use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Setting\Item;

/** What a season lays over the look: the home page's first lead picture, the first message, a scheme. */
final class SeasonSwaps
{
    private const LEAD = ['picture', 'kicker', 'heading', 'words', 'button', 'target'];

    /** @return array<string, bool|float|string> path => value */
    public static function of(Item $season, ResolvedLook $look): array
    {
        $swaps = [];
        $lead = self::first('home.bands', 'band', 'lead', $look);
        foreach (self::LEAD as $key) {
            $value = $look->text($season->path($key));
            if ($lead !== null && $value !== '') {
                $swaps[$lead->path($key)] = $value;
            }
        }
        $message = self::first('announcement.messages', 'message', 'message', $look);
        $announcement = $look->text($season->path('announcement'));
        if ($message !== null && $announcement !== '') {
            // A season's announcement is meant to be read, even in a shop that shows no bar otherwise.
            $swaps = [...$swaps, 'announcement.show' => true, $message->path('show') => true, $message->path('text') => $announcement];
        }

        return [...$swaps, ...self::schemes($look->text($season->path('from')), $look->text($season->path('to')), $look)];
    }

    /**
     * Which scheme each season that is on puts in another's place.
     *
     * @return list<array{season: string, from: string, to: string}>
     */
    public static function ofSchemes(ResolvedLook $look): array
    {
        $swaps = [];
        foreach (Item::listed('season', $look->text('seasons')) as $season) {
            $from = $look->text($season->path('from'));
            $to = $look->text($season->path('to'));
            if ($look->value($season->path('on')) === true && $from !== 'none' && $from !== $to) {
                $swaps[] = ['season' => $look->text($season->path('name')), 'from' => $from, 'to' => $to];
            }
        }

        return $swaps;
    }

    /**
     * The settings that one of a season's own stands in for while it runs.
     *
     * @return list<string> paths; empty when the season is off, swaps nothing there, or the look has nothing to swap
     */
    public static function standsFor(Item $season, string $suffix, ResolvedLook $look): array
    {
        if ($look->value($season->path('on')) !== true || $look->text($season->path($suffix)) === '') {
            return [];
        }

        return match (true) {
            in_array($suffix, self::LEAD, true) => array_filter([self::first('home.bands', 'band', 'lead', $look)?->path($suffix)]),
            $suffix === 'announcement' => array_filter([self::first('announcement.messages', 'message', 'message', $look)?->path('text')]),
            $suffix === 'from',
            $suffix === 'to' => array_map(
                strval(...),
                array_keys(self::schemes($look->text($season->path('from')), $look->text($season->path('to')), $look)),
            ),
            default => [],
        };
    }

    private static function first(string $list, string $prefix, string $kind, ResolvedLook $look): ?Item
    {
        foreach (Item::listed($prefix, $look->text($list)) as $item) {
            if ($item->kind === $kind) {
                return $item;
            }
        }

        return null;
    }

    /** @return array<string, string> every part that wears the one wears the other */
    private static function schemes(string $from, string $to, ResolvedLook $look): array
    {
        if ($from === 'none' || $from === $to) {
            return [];
        }

        return array_map(
            static fn(): string => $to,
            array_filter(
                $look->all(),
                static fn($r, string $path): bool => str_ends_with($path, '.scheme') && $r->value === $from,
                ARRAY_FILTER_USE_BOTH,
            ),
        );
    }
}
