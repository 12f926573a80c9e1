<?php

declare(strict_types=1);

namespace Ikat\Core\Reach;

use Ikat\Core\Compile\CompiledLook;
use Ikat\Core\Look\ColorInventory;
use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Season\SeasonSwaps;
use Ikat\Core\Setting\ColorSet;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\SettingPath;
use Ikat\Core\Setting\Type\KeysType;
use Ikat\Core\Setting\Type\PicksType;
use Ikat\Core\Setting\Type\PictureType;
use Ikat\Core\Setting\Type\TargetType;
use Ikat\Core\Setting\Type\TextType;

/**
 * Where every custom property shows, on all pages, and which inks stand on which grounds.
 *
 * It does not depend on the values of colors and lengths: only on pages, stylesheet and which schemes are worn where.
 * Elements are numbered in document order inside body, as document.querySelectorAll('body *') does.
 */
final readonly class ReachIndex
{
    /**
     * @param PlaceMap $uses where a root custom property shows
     * @param PlaceMap $covered where a rule uses one but another rule wins
     * @param array<string, string> $coveredBy root custom property => what wins there
     * @param PlaceMap $words where elements show the words of a setting, by its path
     * @param PlaceMap $parts the elements of a part
     * @param array<string, PairUse> $pairs
     * @param list<string> $pages
     * @param PlaceMap $latentUses as uses, where it shows only once something is opened, pointed at or focused
     * @param PlaceMap $latentWords as words, the same
     * @param PlaceMap $latentParts as parts, the same
     */
    public function __construct(
        public PlaceMap $uses,
        public PlaceMap $covered,
        public array $coveredBy,
        public PlaceMap $words,
        public PlaceMap $parts,
        public array $pairs,
        public array $pages,
        public PlaceMap $latentUses = new PlaceMap(),
        public PlaceMap $latentWords = new PlaceMap(),
        public PlaceMap $latentParts = new PlaceMap(),
    ) {}

    /** @param iterable<self> $indexes of different pages */
    public static function merged(iterable $indexes): self
    {
        $uses = $covered = $words = $parts = $latentUses = $latentWords = $latentParts = [];
        $coveredBy = $pairs = $pages = [];
        foreach ($indexes as $index) {
            $kinds = [
                [&$uses, $index->uses], [&$covered, $index->covered], [&$words, $index->words], [&$parts, $index->parts],
                [&$latentUses, $index->latentUses], [&$latentWords, $index->latentWords], [&$latentParts, $index->latentParts],
            ];
            foreach ($kinds as [&$all, $own]) {
                foreach ($own->all() as $key => $places) {
                    $all[$key] = ($all[$key] ?? []) + $places;
                }
            }
            unset($all, $kinds);
            $coveredBy += $index->coveredBy;
            foreach ($index->pairs as $key => $use) {
                $pairs[$key] ??= new PairUse(
                    $use->ink,
                    $use->ground,
                    $use->kind,
                    $use->state,
                    $use->size,
                    $use->factor,
                    $use->bold,
                    $use->beneath,
                );
                $pairs[$key]->places += $use->places;
            }
            $pages = [...$pages, ...$index->pages];
        }

        return new self(
            new PlaceMap($uses),
            new PlaceMap(array_diff_key($covered, $uses, $latentUses)),
            $coveredBy,
            new PlaceMap($words),
            new PlaceMap($parts),
            $pairs,
            $pages,
            new PlaceMap($latentUses),
            new PlaceMap($latentWords),
            new PlaceMap($latentParts),
        );
    }

    /**
     * All places where a setting shows as the pages stand, through aliases and derived values.
     *
     * @return array<string, list<int>> page => elements, sorted; none where it does not apply, or is empty
     */
    public function placesOf(string $path, ResolvedLook $look, CompiledLook $compiled): array
    {
        return $this->places($path, $look, $compiled, $this->uses, $this->words, $this->parts);
    }

    /**
     * Where it shows only once something is opened, pointed at or focused: a closed side cart, a ring of the focus.
     *
     * @return array<string, list<int>> page => elements, sorted; none of those where it shows anyway
     */
    public function latentPlacesOf(string $path, ResolvedLook $look, CompiledLook $compiled): array
    {
        $now = $this->placesOf($path, $look, $compiled);
        $latent = [];
        foreach ($this->places($path, $look, $compiled, $this->latentUses, $this->latentWords, $this->latentParts) as $page => $elements) {
            $latent[$page] = array_values(array_diff($elements, $now[$page] ?? []));
        }

        return array_filter($latent);
    }

    /** @return array<string, list<int>> */
    private function places(
        string $path,
        ResolvedLook $look,
        CompiledLook $compiled,
        PlaceMap $uses,
        PlaceMap $words,
        PlaceMap $parts,
    ): array {
        $resolution = $look->at($path);
        $setting = $resolution->setting;
        $its = SettingPath::of($path);
        if ($its->item?->prefix === 'season') {
            // It shows where what it stands in for does, while its season runs.
            /** @var array<string, list<int>> $found page => elements */
            $found = array_merge_recursive(...array_map(
                fn(string $swapped): array => $this->places($swapped, $look, $compiled, $uses, $words, $parts),
                SeasonSwaps::standsFor($its->item, $its->suffix, $look),
            ));

            return self::unique($found);
        }
        // What does not apply changes no byte, and neither does what is empty.
        if (
            $resolution->unmet !== null
            || (
                $resolution->value === ''
                    && (
                        $setting->type instanceof TextType
                            || $setting->type instanceof TargetType
                            || $setting->type instanceof PictureType
                            || $setting->type instanceof PicksType
                    )
            )
        ) {
            return [];
        }
        $found = [];
        foreach ($this->propertiesOf($path, $look, $compiled) as $property) {
            foreach ($uses->of($property) as $page => $elements) {
                $found[$page] = [...$found[$page] ?? [], ...$elements];
            }
        }
        if (! $setting->isCss() && $path !== ColorInventory::DARK) {
            $found = $words->of($path) ?: ($setting->type instanceof TextType ? [] : $parts->of($setting->part));
        } elseif ($found === []) {
            $found = $words->of($path);
        }

        return self::unique($found);
    }

    /**
     * @param array<string, list<int>> $places page => elements
     *
     * @return array<string, list<int>>
     */
    private static function unique(array $places): array
    {
        return array_map(static function (array $elements): array {
            $unique = array_values(array_unique($elements));
            sort($unique);

            return $unique;
        }, $places);
    }

    /** @return list<string> the setting's own property, those of its followers, and those derived from any of them */
    public function propertiesOf(string $path, ResolvedLook $look, CompiledLook $compiled): array
    {
        if ($path === ColorInventory::DARK) {
            // The second set of colors shows wherever the first does.
            return array_map(
                SettingPath::property(...),
                array_keys(array_filter(
                    $look->catalog->all(),
                    static fn(Setting $s): bool => SettingPath::of($s->path)->set?->isDark === false,
                )),
            );
        }
        // A color of dark surroundings shows where its scheme's own does.
        $of = SettingPath::of($path);
        $seen = $of->set?->isDark === true ? ColorSet::of($of->set->scheme)->path($of->role) : $path;
        $paths = array_values(array_unique([
            $path, $seen, ...$look->followersOf($path), ...($seen === $path ? [] : $look->followersOf($seen)),
        ]));
        $properties = array_map(SettingPath::property(...), $paths);
        foreach ($paths as $each) {
            array_push($properties, ...$compiled->computedFrom[$each] ?? []);
        }

        return array_values(array_unique($properties));
    }

    /**
     * The other way round: which settings elements of a page take their style and words from.
     *
     * @param list<int> $elements
     *
     * @return array<int, list<string>> element => paths; none for an element that has nothing of its own
     */
    public function settingsOn(string $page, array $elements, ResolvedLook $look): array
    {
        $byProperty = [];
        foreach ($look->catalog->all() as $path => $setting) {
            $byProperty[$setting->property()] = $path;
        }
        $asked = array_flip($elements);
        $found = [];
        foreach ([$this->uses, $this->words, $this->latentUses, $this->latentWords] as $places) {
            foreach ($places->all() as $key => $pages) {
                $path = $byProperty[$key] ?? ($look->catalog->has($key) ? $key : null);
                foreach ($path === null ? [] : $pages[$page] ?? [] as $element) {
                    if (isset($asked[$element])) {
                        $found[$element][$path] = true;
                    }
                }
            }
        }

        return array_map(array_keys(...), $found);
    }

    /** Why a setting shows nowhere, in one sentence; null when it does show. */
    public function whyNowhere(string $path, ResolvedLook $look, CompiledLook $compiled): ?string
    {
        if ($this->placesOf($path, $look, $compiled) !== []) {
            return null;
        }
        $resolution = $look->at($path);
        if ($resolution->setting->type instanceof KeysType || str_starts_with($path, 'name.')) {
            return 'not on a page: it orders and names what the workbench shows';
        }
        if ($resolution->unmet !== null) {
            return 'hidden: it shows when '.$resolution->unmet->inWords($look->catalog);
        }
        $latent = $this->latentPlacesOf($path, $look, $compiled);
        if ($latent !== []) {
            $count = array_sum(array_map(count(...), $latent));

            return sprintf(
                'it shows only when something is opened, pointed at or focused, in %d %s',
                $count,
                $count === 1 ? 'place' : 'places',
            );
        }
        foreach ($this->propertiesOf($path, $look, $compiled) as $property) {
            if ($this->covered->has($property)) {
                return sprintf(
                    'covered: on %s %s decides there instead',
                    implode(', ', array_keys($this->covered->of($property))),
                    $this->inWords($this->coveredBy[$property], $look),
                );
            }
        }
        $scheme = SettingPath::of($path)->set?->scheme;
        if ($scheme !== null) {
            $wearers = array_filter(
                $look->all(),
                static fn($r): bool => str_ends_with($r->setting->path, '.scheme') && $r->value === $scheme,
            );

            return $wearers === []
                ? 'no part of the shop has this color scheme'
                : 'the parts with this color scheme have nothing in this role';
        }

        return match (true) {
            $resolution->setting->part === 'favicon' => 'not on a page: it shows in the browser’s tab and on home screens',
            $resolution->setting->part === 'mail' => 'not on a page: it shows in e-mails and on gift cards',
            SettingPath::of($path)->item?->prefix === 'season' => $look->value(SettingPath::of($path)->item->path('on')) === true
                ? 'it swaps nothing by itself'
                : 'its season is off',
            $resolution->value === '' => 'it is empty, and what is empty is left out',
            default => 'nothing on these pages uses it',
        };
    }

    private function inWords(string $property, ResolvedLook $look): string
    {
        foreach ($look->catalog->all() as $setting) {
            if ($setting->property() === $property) {
                return '“'.$setting->label.'”';
            }
        }

        return $property === '' ? 'a fixed rule of the theme' : 'another color of the scheme';
    }
}
