<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

use Ikat\Core\Color\Color;
use Ikat\Core\Color\Contrast;
use Ikat\Core\Reach\PageReader;
use Ikat\Core\Season\SeasonSwaps;

/**
 * Contrast of every ink on every ground that really occurs, in every scheme, and in dark surroundings where a look has
 * colors for them.
 *
 * Text 4.5:1, large text 3:1 (WCAG 2.2, 1.4.3); edges of fields and controls, and drawings that carry meaning, 3:1
 * (1.4.11). A pair that no part wears, now or in a season, is only worth knowing.
 */
final class PairContrast implements Check
{
    public function run(CheckInput $input): iterable
    {
        $palette = Palette::of($input);
        $pairs = self::pairs($input);
        $seasons = SeasonSwaps::ofSchemes($input->look);
        foreach ($pairs as $pair) {
            if ($pair->kind === 'none') {
                continue;
            }
            $small = $pair->large ? $pairs["$pair->ink|$pair->ground|text|"] ?? null : null;
            $large = $pair->large ? null : $pairs["$pair->ink|$pair->ground|$pair->kind|large"] ?? null;
            foreach (Palette::sets($input->look, $input->theme) as $set) {
                $scheme = Palette::scheme($set);
                if ($pair->ground === Palette::OVER && ! isset($pair->places[$scheme])) {
                    yield from self::inSeason($pair, $set, $palette, self::seasonsWearing($pair, $scheme, $seasons), $input->underHeader);

                    continue;
                }
                $ratio = $pair->ratio($palette, $set);
                // Where the small text of a pair falls short, that says all: mending it mends the large text too.
                if ($ratio < $pair->target() && ! isset($small?->places[$scheme])) {
                    $also = $large !== null && $ratio < $large->target() ? $large->places[$scheme] ?? [] : [];
                    yield self::finding($pair, $set, $ratio, $palette, array_merge_recursive($pair->places[$scheme] ?? [], $also), self::seasonsWearing($pair, $scheme, $seasons), $input->underHeader);
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
    private static function inSeason(RolePair $pair, string $set, Palette $palette, array $seasons, ?UnderHeader $under): iterable
    {
        if ($seasons === [] || $under === null) {
            return;
        }
        $ink = $palette->color($set, $pair->ink);
        $own = array_column($under->seen(Palette::isDark($set)), 0);
        $faint = $under->tooFaint($ink, $pair->target(), Palette::isDark($set));
        $failing = array_values(array_filter($seasons, static fn(string $s): bool => in_array(in_array($s, $own, true) ? $s : null, $faint, true)));
        if ($failing !== []) {
            yield self::finding($pair, $set, $pair->ratio($palette, $set), $palette, [], $failing, null);
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
    public static function pairs(CheckInput $input): array
    {
        // Findings, lattice and picker all ask for the same pairs of the same look.
        self::$known ??= new \WeakMap();

        return self::$known[$input] ??= self::gather($input);
    }

    /** @return list<array{string, RolePair}> set and pair of all that a transparent header has over the first band */
    public static function over(CheckInput $input): array
    {
        $found = [];
        foreach (self::pairs($input) as $pair) {
            foreach ($pair->ground === Palette::OVER && $pair->kind !== 'none' ? Palette::sets($input->look, $input->theme) : [] as $set) {
                if (isset($pair->places[Palette::scheme($set)])) {
                    $found[] = [$set, $pair];
                }
            }
        }

        return $found;
    }

    /** @var ?\WeakMap<CheckInput, array<string, RolePair>> */
    private static ?\WeakMap $known = null;

    /** @return array<string, RolePair> */
    private static function gather(CheckInput $input): array
    {
        $sizes = new SizeBook($input);
        $pairs = [];
        foreach ($input->reach->pairs as $use) {
            $ink = self::role($use->ink);
            $ground = $use->ground === PageReader::OVER ? [$ink[0] ?? '', Palette::OVER] : self::role($use->ground);
            // Ink and ground of different schemes meet nowhere: a part that wears a scheme sets both.
            if ($ink === null || $ground === null || $ink[0] !== $ground[0]) {
                continue;
            }
            $kind = $use->state === 'disabled' ? 'none' : $use->kind;
            $large = $kind === 'text' && $sizes->isLarge($use);
            $key = "$ink[1]|$ground[1]|$kind|".($large ? 'large' : '');
            $pair = $pairs[$key] ??= new RolePair($ink[1], $ground[1], $kind, $large);
            $pair->states[$ink[0]][$use->state] = true;
            $pair->beneath[$ink[0]][$use->beneath] = array_values(array_filter(array_map(
                static fn(string $property): string => implode(' ', self::role($property) ?? []),
                array_filter(explode(' ', $use->beneath)),
            )));
            foreach ($use->places as $page => $elements) {
                $pair->places[$ink[0]][$page] = [...$pair->places[$ink[0]][$page] ?? [], ...$elements];
            }
        }

        return $pairs;
    }

    /** @return ?array{string, string} scheme and role */
    private static function role(string $property): ?array
    {
        return preg_match('/^--scheme-([a-z0-9]+)-([a-z0-9-]+)$/', $property, $m) ? [$m[1], $m[2]] : null;
    }

    /**
     * The seasons that will bring a pair into a scheme: where the scheme they replace has it now.
     *
     * @param list<array{season: string, from: string, to: string}> $seasons
     *
     * @return list<string> names
     */
    private static function seasonsWearing(RolePair $pair, string $scheme, array $seasons): array
    {
        return array_column(array_filter($seasons, static fn(array $s): bool => $s['to'] === $scheme && isset($pair->places[$s['from']])), 'season');
    }

    /**
     * @param array<string, list<int>> $places page => elements
     * @param list<string> $seasons names
     */
    private static function finding(RolePair $pair, string $set, float $ratio, Palette $palette, array $places, array $seasons, ?UnderHeader $under): ContrastFinding
    {
        $severity = self::severity($pair, $places !== [] || $seasons !== []);
        $pictures = $pair->ground === Palette::OVER ? $under?->tooFaint($palette->color($set, $pair->ink), $pair->target(), Palette::isDark($set)) ?? [] : [];
        $while = $pictures !== [] && ! in_array(null, $pictures, true) ? $pictures : ($places === [] ? $seasons : []);
        $grounds = $palette->extremes($set, $pair->ground, array_values($pair->beneath[Palette::scheme($set)] ?? [])[0] ?? []);
        $ink = $palette->color($set, $pair->ink);
        usort($grounds, static fn(Color $a, Color $b): int => Contrast::ratio($ink, $a) <=> Contrast::ratio($ink, $b));

        return new ContrastFinding(
            key: 'contrast:'.(Palette::isDark($set) ? 'dark:' : '').Palette::scheme($set).":$pair->ink:$pair->ground:$pair->kind".($pair->large ? ':large' : ''),
            severity: $severity,
            title: $pair->title().($pair->large ? ', large' : '').(Palette::isDark($set) ? ', in dark surroundings' : '').($while !== [] ? ', while '.implode(' and ', $while).(count($while) === 1 ? ' runs' : ' run') : ''),
            set: $set,
            scheme: Palette::scheme($set),
            inkPath: "$set.".Palette::source($pair->ink),
            groundPath: "$set.".($pair->ground === Palette::OVER ? 'ground' : Palette::source($pair->ground)),
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
