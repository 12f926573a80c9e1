<?php

declare(strict_types=1);

namespace App\Workbench\Colors;

use App\Looks\LookReader;
use App\Workbench\Shell\Bench;
use Ikat\Core\Contrast\ContrastCell;
use Ikat\Core\Contrast\ContrastFinding;
use Ikat\Core\Contrast\ContrastFixes;
use Ikat\Core\Contrast\ContrastTable;
use Ikat\Core\Contrast\Fix;
use Ikat\Core\Contrast\SchemeColors;
use Ikat\Core\Look\LookState;
use Ikat\Core\Look\SchemeUses;
use Ikat\Core\Palette\BrandFollowers;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\Step;

/** What the color desk shows besides what every step does: the lattice, fixes, departures, and who wears what. */
final class ColorTools
{
    /** Edits that recent colors are taken from. */
    private const RECENT = 40;

    private ?ContrastFixes $fixes = null;

    private ?ContrastTable $lattice = null;

    public function __construct(private readonly Bench $bench, private readonly LookReader $desk) {}

    public function lattice(): ContrastTable
    {
        return $this->lattice ??= ContrastTable::of($this->bench->input(), $this->wovenSets());
    }

    /** The crossing that is open, or the worst one where none is. */
    public function openKnot(): ?ContrastCell
    {
        $knots = $this->lattice()->knots;
        if (isset($knots[$this->bench->knot])) {
            return $knots[$this->bench->knot];
        }
        $failing = array_filter($knots, static fn(ContrastCell $k): bool => $k->severity !== null);
        uasort($failing, static fn(ContrastCell $a, ContrastCell $b): int => [$a->severity?->rank(), $a->ratio / $a->target] <=> [$b->severity?->rank(), $b->ratio / $b->target]);

        return array_values($failing)[0] ?? null;
    }

    /** The finding of a crossing. */
    public function findingAt(ContrastCell $knot): ?ContrastFinding
    {
        foreach ($this->bench->findings() as $finding) {
            if ($finding instanceof ContrastFinding && $finding->set === $knot->set && $finding->pair->ink === $knot->ink && $finding->pair->ground === $knot->ground) {
                return $finding;
            }
        }

        return null;
    }

    /** @return list<Fix> */
    public function fixes(ContrastFinding $finding): array
    {
        return $this->mending()->of($finding);
    }

    /** What stands in the way where no change mends a finding. */
    public function whyUnmended(ContrastFinding $finding): string
    {
        return $this->mending()->why($finding);
    }

    /** @return list<array{path: string, label: string, color: string, to: string, to_label: string, to_color: string, difference: float, was: bool}> roles that follow nothing */
    public function departures(): array
    {
        $without = array_filter($this->bench->look->ownChanges()->own, static fn(string $path): bool => ! str_starts_with($path, 'scheme.'), ARRAY_FILTER_USE_KEY);

        return BrandFollowers::departures($this->bench->input()->look, $this->desk->resolveState($this->bench->look, LookState::of($without)), $this->bench->input()->theme);
    }

    /**
     * The innermost part around an element that wears a scheme of its own.
     *
     * @param list<int> $elements the element and those around it, inside out
     *
     * @return ?array{Setting, list<int>} the setting that says what it wears, and the part's elements on the page
     */
    public function wearerAt(string $page, array $elements): ?array
    {
        $wearers = array_map(fn(Setting $s): array => [$s, $this->bench->places($s->path)[$page] ?? []], array_filter(
            SchemeUses::settings($this->bench->input()->look, $this->bench->input()->theme),
            static fn(Setting $s): bool => $s->step !== Step::Seasons,
        ));
        foreach ($elements as $element) {
            $best = null;
            foreach ($wearers as [$setting, $places]) {
                // Of two that name the same element the one with fewer is meant: a band, not the page around it.
                if (in_array($element, $places, true) && $this->bench->input()->look->at($setting->path)->unmet === null && ($best === null || count($places) < count($best[1]))) {
                    $best = [$setting, $places];
                }
            }
            if ($best !== null) {
                return $best;
            }
        }

        return null;
    }

    /** @return list<string> hex colors set by hand lately, the last first */
    public function recentColors(): array
    {
        $found = [];
        // Plain rows: an edit asks this each time, and needs no journal of it.
        foreach ($this->bench->look->edits()->orderByDesc('sequence')->limit(self::RECENT)->toBase()->pluck('settings_changed') as $changes) {
            foreach (json_decode((string) $changes, true, 8, JSON_THROW_ON_ERROR) as $change) {
                if (is_string($change['after'] ?? null) && preg_match('/^#[0-9a-f]{6}$/', $change['after'])) {
                    $found[$change['after']] = true;
                }
            }
        }

        return array_slice(array_map(strval(...), array_keys($found)), 0, 10);
    }

    /** @return list<string> the sets of colors the lattice shows */
    private function wovenSets(): array
    {
        $sets = SchemeColors::sets($this->bench->input()->look, $this->bench->input()->theme);

        return match ($this->bench->woven) {
            'all' => array_values(array_filter($sets, static fn(string $s): bool => ! SchemeColors::isDark($s))),
            'dark' => array_values(array_filter($sets, SchemeColors::isDark(...))) ?: $sets,
            default => [$this->bench->woven],
        };
    }

    private function mending(): ContrastFixes
    {
        return $this->fixes ??= new ContrastFixes($this->bench->input());
    }
}
