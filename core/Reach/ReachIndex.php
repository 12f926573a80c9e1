<?php

declare(strict_types=1);

namespace Ikat\Core\Reach;

use Ikat\Core\Compile\CompiledLook;
use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Look\Setting;
use Ikat\Core\Look\SettingType;
use Ikat\Core\Look\Step;

/**
 * Where every custom property shows, on all pages, and which inks stand on which grounds.
 *
 * It does not depend on the values of colors and lengths: only on pages, stylesheet and which schemes are worn where.
 * Elements are numbered in document order inside body, as document.querySelectorAll('body *') does.
 */
final readonly class ReachIndex
{
    /**
     * @param array<string, array<string, list<int>>> $uses root custom property => page => elements
     * @param array<string, array<string, list<int>>> $covered where a rule uses it but another rule wins
     * @param array<string, string> $coveredBy root custom property => what wins there
     * @param array<string, array<string, list<int>>> $words setting path => page => elements that show its words
     * @param array<string, array<string, list<int>>> $parts part => page => its elements
     * @param array<string, PairUse> $pairs
     * @param list<string> $pages
     */
    public function __construct(
        public array $uses,
        public array $covered,
        public array $coveredBy,
        public array $words,
        public array $parts,
        public array $pairs,
        public array $pages,
    ) {}

    /** @param iterable<self> $indexes of different pages */
    public static function merged(iterable $indexes): self
    {
        $uses = $covered = $words = $parts = [];
        $coveredBy = $pairs = $pages = [];
        foreach ($indexes as $index) {
            foreach ([[&$uses, $index->uses], [&$covered, $index->covered], [&$words, $index->words], [&$parts, $index->parts]] as [&$all, $own]) {
                foreach ($own as $key => $places) {
                    $all[$key] = ($all[$key] ?? []) + $places;
                }
            }
            unset($all);
            $coveredBy += $index->coveredBy;
            foreach ($index->pairs as $key => $use) {
                $pairs[$key] ??= new PairUse($use->ink, $use->ground, $use->kind, $use->state, $use->size, $use->factor, $use->bold, $use->beneath);
                $pairs[$key]->places += $use->places;
            }
            $pages = [...$pages, ...$index->pages];
        }

        return new self($uses, array_diff_key($covered, $uses), $coveredBy, $words, $parts, $pairs, $pages);
    }

    /**
     * All places where a setting shows, through aliases and derived values.
     *
     * @return array<string, list<int>> page => elements, sorted
     */
    public function placesOf(string $path, ResolvedLook $look, CompiledLook $compiled): array
    {
        $setting = $look->catalog->get($path);
        $found = [];
        foreach ($this->propertiesOf($path, $look, $compiled) as $property) {
            foreach ($this->uses[$property] ?? [] as $page => $elements) {
                $found[$page] = [...$found[$page] ?? [], ...$elements];
            }
        }
        if (! $setting->isCss()) {
            $found = $this->words[$path] ?? ($setting->type === SettingType::Text ? [] : $this->parts[$setting->part] ?? []);
        } elseif ($found === []) {
            $found = $this->words[$path] ?? [];
        }

        return array_map(static function (array $elements): array {
            $unique = array_values(array_unique($elements));
            sort($unique);

            return $unique;
        }, $found);
    }

    /** @return list<string> the setting's own property, those of its followers, and those derived from any of them */
    public function propertiesOf(string $path, ResolvedLook $look, CompiledLook $compiled): array
    {
        // A color of dark surroundings shows where its scheme's own does.
        $seen = preg_replace('/^dark\.(?!on$)/', 'scheme.', $path) ?? $path;
        $paths = array_values(array_unique([$path, $seen, ...$look->followersOf($path), ...($seen === $path ? [] : $look->followersOf($seen))]));
        $properties = array_map(Setting::propertyOf(...), $paths);
        foreach ($compiled->derived as $property => $sources) {
            if (array_intersect($sources, $paths) !== []) {
                $properties[] = $property;
            }
        }

        return array_values(array_unique($properties));
    }

    /**
     * The other way round: which settings an element of a page takes its style and words from.
     *
     * @param list<int> $elements the element and those around it, inside out
     *
     * @return list<string> paths: those of the innermost element that has any of its own
     */
    public function settingsAt(string $page, array $elements, ResolvedLook $look): array
    {
        $byProperty = [];
        foreach ($look->catalog->all() as $path => $setting) {
            $byProperty[$setting->property()] = $path;
        }
        foreach ($elements as $element) {
            $found = [];
            foreach ([$this->uses, $this->words] as $places) {
                foreach ($places as $key => $pages) {
                    if (in_array($element, $pages[$page] ?? [], true)) {
                        $path = $byProperty[$key] ?? ($look->catalog->has($key) ? $key : null);
                        if ($path !== null) {
                            $found[$path] = true;
                        }
                    }
                }
            }
            if ($found !== []) {
                return array_keys($found);
            }
        }

        return [];
    }

    /** Why a setting shows nowhere, in one sentence; null when it does show. */
    public function whyNowhere(string $path, ResolvedLook $look, CompiledLook $compiled): ?string
    {
        if ($this->placesOf($path, $look, $compiled) !== []) {
            return null;
        }
        $resolution = $look->at($path);
        if ($resolution->setting->type === SettingType::Keys || str_starts_with($path, 'name.')) {
            return 'not on a page: it orders and names what the workbench shows';
        }
        if ($resolution->unmet !== null) {
            return 'hidden: it shows when '.$resolution->unmet->inWords($look->catalog);
        }
        foreach ($this->propertiesOf($path, $look, $compiled) as $property) {
            if (isset($this->covered[$property])) {
                return sprintf('covered: on %s %s decides there instead', implode(', ', array_keys($this->covered[$property])), $this->inWords($this->coveredBy[$property], $look));
            }
        }
        if (preg_match('/^(?:scheme|dark)\.([a-z0-9-]+)\./', $path, $m)) {
            $wearers = array_filter($look->all(), static fn($r): bool => str_ends_with($r->setting->path, '.scheme') && $r->value === $m[1]);

            return $wearers === [] ? 'no part of the shop wears this scheme' : 'the parts that wear this scheme have nothing in this role';
        }

        return match (true) {
            $resolution->setting->part === 'favicon' => 'not on a page: it shows in the browser’s tab and on home screens',
            $resolution->setting->part === 'mail' => 'not on a page: it shows in e-mails and on gift cards',
            $resolution->setting->step === Step::Seasons => 'not now: it shows while its season runs',
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
