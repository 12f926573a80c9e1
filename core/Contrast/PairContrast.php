<?php

declare(strict_types=1);

namespace Ikat\Core\Contrast;

use Ikat\Core\Check\Check;
use Ikat\Core\Check\Inspection;
use Ikat\Core\Check\Severity;
use Ikat\Core\Color\Color;
use Ikat\Core\Color\Contrast;
use Ikat\Core\Setting\ColorSet;

/**
 * Contrast of every ink on every ground that really occurs, in every scheme, and in dark surroundings where a look has
 * colors for them.
 *
 * Text 4.5:1, large text 3:1 (WCAG 2.2, 1.4.3); edges of fields and controls, and drawings that carry meaning, 3:1
 * (1.4.11). A pair that no part wears, now or in a season, is only worth knowing.
 */
final class PairContrast implements Check
{
    public function run(Inspection $input): iterable
    {
        $palette = $input->get(SchemeColors::class);
        $pairs = self::pairs($input);
        $worn = $input->get(RolePairs::class);
        foreach ($pairs as $pair) {
            if ($pair->kind === 'none') {
                continue;
            }
            $small = $pair->large ? $pairs["$pair->ink|$pair->ground|text|"] ?? null : null;
            $large = $pair->large ? null : $pairs["$pair->ink|$pair->ground|$pair->kind|large"] ?? null;
            foreach (SchemeColors::sets($input->look, $input->theme) as $set) {
                $scheme = $set->scheme;
                if ($pair->ground === SchemeColors::OVER && ! isset($pair->places[$scheme])) {
                    yield from self::inSeason(
                        $pair,
                        $set,
                        $palette,
                        $worn->seasonsWith($pair, $scheme),
                        $input->get(HeaderBackdrop::class),
                    );

                    continue;
                }
                $ratio = $pair->ratio($palette, $set);
                // Where the small text of a pair falls short, that says all: mending it mends the large text too.
                if ($ratio < $pair->target() && ! isset($small?->places[$scheme])) {
                    $also = $large !== null && $ratio < $large->target() ? $large->places[$scheme] ?? [] : [];
                    /** @var array<string, list<int>> $places page => elements */
                    $places = array_merge_recursive($pair->places[$scheme] ?? [], $also);
                    yield self::finding(
                        $pair,
                        $set,
                        $ratio,
                        $palette,
                        $places,
                        $worn->seasonsWith($pair, $scheme),
                        $input->get(HeaderBackdrop::class),
                    );
                }
            }
        }
    }

    /**
     * Over a picture, in a scheme that only seasons bring there: under the picture each of them puts there, or leaves.
     *
     * @param list<string> $seasons names
     *
     * @return iterable<ContrastFinding>
     */
    private static function inSeason(RolePair $pair, ColorSet $set, SchemeColors $palette, array $seasons, HeaderBackdrop $under): iterable
    {
        if ($seasons === [] || $under->pictures === []) {
            return;
        }
        $ink = $palette->color($set, $pair->ink);
        $own = array_column($under->seen($set->isDark), 0);
        $faint = $under->tooFaint($ink, $pair->target(), $set->isDark);
        $failing = array_values(array_filter(
            $seasons,
            static fn(string $s): bool => in_array(in_array($s, $own, true) ? $s : null, $faint, true),
        ));
        if ($failing !== []) {
            yield self::finding($pair, $set, $pair->ratio($palette, $set), $palette, [], $failing, new HeaderBackdrop([]));
        }
    }

    /** How grave it is that a pair falls short. */
    public static function severity(RolePair $pair, bool $isWorn): Severity
    {
        return match (true) {
            ! $isWorn => Severity::Know,
            $pair->kind === 'text' => Severity::Stops,
            default => Severity::ShouldFix,
        };
    }

    /**
     * Pairs of roles, places gathered by scheme; large and small text of one pair stay apart.
     *
     * @return array<string, RolePair>
     */
    public static function pairs(Inspection $input): array
    {
        return $input->get(RolePairs::class)->pairs;
    }

    /** @return list<array{ColorSet, RolePair}> set and pair of all that a transparent header has over the first band */
    public static function over(Inspection $input): array
    {
        $found = [];
        foreach (self::pairs($input) as $pair) {
            $isOverPicture = $pair->ground === SchemeColors::OVER && $pair->kind !== 'none';
            foreach ($isOverPicture ? SchemeColors::sets($input->look, $input->theme) : [] as $set) {
                if (isset($pair->places[$set->scheme])) {
                    $found[] = [$set, $pair];
                }
            }
        }

        return $found;
    }

    /**
     * @param array<string, list<int>> $places page => elements
     * @param list<string> $seasons names
     */
    private static function finding(
        RolePair $pair,
        ColorSet $set,
        float $ratio,
        SchemeColors $palette,
        array $places,
        array $seasons,
        HeaderBackdrop $under,
    ): ContrastFinding {
        $severity = self::severity($pair, $places !== [] || $seasons !== []);
        $pictures = $pair->ground === SchemeColors::OVER
            ? $under->tooFaint($palette->color($set, $pair->ink), $pair->target(), $set->isDark)
            : [];
        $while = $pictures !== [] && ! in_array(null, $pictures, true) ? $pictures : ($places === [] ? $seasons : []);
        $grounds = $palette->extremes($set, $pair->ground, array_values($pair->beneath[$set->scheme] ?? [])[0] ?? []);
        $ink = $palette->color($set, $pair->ink);
        usort($grounds, static fn(Color $a, Color $b): int => Contrast::ratio($ink, $a) <=> Contrast::ratio($ink, $b));

        return new ContrastFinding(
            key: 'contrast:'.($set->isDark ? 'dark:' : '').$set->scheme.":$pair->ink:$pair->ground:$pair->kind"
                .($pair->large ? ':large' : ''),
            severity: $severity,
            title: $pair->title().($pair->large ? ', large' : '').($set->isDark ? ', in dark surroundings' : '')
                .($while !== [] ? ', while '.implode(' and ', $while).(count($while) === 1 ? ' runs' : ' run') : ''),
            set: $set,
            scheme: $set->scheme,
            inkPath: $set->path(SchemeColors::source($pair->ink)),
            groundPath: $set->path($pair->ground === SchemeColors::OVER ? 'ground' : SchemeColors::source($pair->ground)),
            inkColor: $ink->hex(),
            groundColor: $grounds[0]->hex(),
            measure: $ratio,
            target: $pair->target(),
            clause: $pair->clause(),
            places: $places,
            kind: $pair->kind,
            pair: $pair,
        );
    }
}
