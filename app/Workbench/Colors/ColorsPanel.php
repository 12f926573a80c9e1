<?php

declare(strict_types=1);

namespace App\Workbench\Colors;

use App\Http\TypedRequest;
use App\Workbench\Shell\Bench;
use App\Workbench\Shell\Sheet;
use App\Workbench\Shell\StepPanel;
use App\Workbench\Shell\WindowPlace;
use Ikat\Core\Check\Checks;
use Ikat\Core\Check\Finding;
use Ikat\Core\Contrast\ContrastCell;
use Ikat\Core\Contrast\ContrastFinding;
use Ikat\Core\Contrast\ContrastFixes;
use Ikat\Core\Contrast\ContrastTable;
use Ikat\Core\Contrast\Fix;
use Ikat\Core\Contrast\SchemeColors;
use Ikat\Core\Look\ColorInventory;
use Ikat\Core\Look\LookState;
use Ikat\Core\Look\SchemeUses;
use Ikat\Core\Palette\BrandFollowers;
use Ikat\Core\Setting\ColorSet;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\SettingPath;
use Ikat\Core\Setting\StepKey;
use Ikat\Core\Setting\Type\ColorType;

/** The tools of Colors: schemes, brand colors, readable pairs, dark surroundings, all colors. */
final class ColorsPanel extends StepPanel
{
    /** In the order of the work. */
    public const TABS = [
        'schemes' => 'Schemes', 'brand' => 'Brand colors', 'pairs' => 'Pairs', 'dark' => 'In the dark', 'all' => 'All colors',
    ];

    /** How a state is called in which a pair is seen. */
    public const STATES = [
        'plain' => 'plain', 'hover' => 'pointed at', 'focus' => 'with focus', 'active' => 'pressed', 'target' => 'opened',
        'selected' => 'selected', 'error' => 'with a mistake', 'visited' => 'visited', 'disabled' => 'disabled',
    ];

    protected const ASKED = ['open_finding'];

    /** The page the window opens on. */
    private const FIRST_PAGE = 'home';

    /** Edits that recent colors are taken from. */
    private const RECENT = 40;

    /** Key of the open tab. */
    public readonly string $tab;

    /** Key of the open color scheme. */
    public readonly string $scheme;

    /** Path of the color being edited. */
    public readonly string $selected;

    /** The open pair of the table, as ink:ground; empty for the worst one. */
    public readonly string $pair;

    /** What the table of pairs shows: the name of a set of colors, or "all", or "dark" for all in dark surroundings. */
    public readonly string $shown;

    private ?ContrastFixes $fixes = null;

    private ?ContrastTable $table = null;

    /** @var ?array{?WindowPlace} what the window shows, once it was asked */
    private ?array $shows = null;

    public function __construct(Bench $bench, TypedRequest $request)
    {
        parent::__construct($bench, $request);
        $theme = $bench->snapshot->theme();
        $catalog = $bench->catalog();
        $tab = $request->word('open_part');
        $this->tab = isset(self::TABS[$tab]) ? $tab : (string) array_key_first(self::TABS);
        $scheme = $request->word('open_scheme');
        $this->scheme = isset($theme->schemes[$scheme]) ? $scheme : (string) array_key_first($theme->schemes);
        $path = $request->word('open_path');
        $of = SettingPath::of($path);
        $isColor = $catalog->has($path) && $catalog->get($path)->type instanceof ColorType;
        // A scheme's role belongs to the scheme that is open, in the light or in the dark; a brand color belongs to all.
        if (! $isColor || ($of->set !== null && ! $of->set->is($this->set()))) {
            $same = $of->set === null ? '' : $this->set()->path($of->role);
            $path = $catalog->has($same) && $catalog->get($same)->type instanceof ColorType ? $same : $this->set()->path('ground');
        }
        $this->selected = $this->tab === 'brand' && $of->brand === null ? 'brand.'.array_key_first($theme->brandColors) : $path;
        $this->pair = mb_substr($request->word('open_pair'), 0, 60);
        $shown = $request->word('shown');
        $set = ColorSet::tryNamed($shown);
        $isSet = $set !== null && isset($theme->schemes[$set->scheme]) && $catalog->has($set->path('ground'));
        $this->shown = $isSet || ($shown === 'dark' && $this->hasDark()) ? $shown : 'all';
    }

    public function view(): string
    {
        return 'workbench.colors.panel';
    }

    /** The pairs have the whole width; the other tools are narrow, and the shop is looked at all the more. */
    public function sheet(): ?Sheet
    {
        return $this->tab === 'pairs'
            ? new Sheet('workbench.colors.pairs', 'Readable pairs', 'texts down, backgrounds across, as they occur on the pages', 362)
            : null;
    }

    /**
     * A finding that was opened shows where it was measured first; a color that the home page has nothing of, where there is something:
     * what a mistake or a sold-out product looks like.
     */
    public function shows(): ?WindowPlace
    {
        return ($this->shows ??= [$this->placeToShow()])[0];
    }

    private function placeToShow(): ?WindowPlace
    {
        $isFinding = $this->asked('open_finding') !== '';
        $places = match (true) {
            $isFinding => $this->openFinding()->places ?? [],
            in_array($this->tab, ['schemes', 'dark', 'brand'], true) => $this->bench->places($this->selected),
            default => [],
        };
        $page = array_key_first($places);
        if ($page === null || (! $isFinding && isset($places[self::FIRST_PAGE]))) {
            return null;
        }

        return new WindowPlace($page, '', $places[$page][0] ?? null, alike: $isFinding ? [] : array_keys($places));
    }

    public function state(): array
    {
        return [
            'open_scheme' => $this->scheme, 'open_path' => $this->selected, 'open_part' => $this->tab, 'open_pair' => $this->pair,
            'shown' => $this->shown, 'open_finding' => $this->asked('open_finding'),
        ];
    }

    /**
     * Address of the step opened elsewhere, with the scheme and the color that are open now.
     *
     * @param array<string, string> $query
     */
    public function address(array $query): string
    {
        return $this->bench->address(StepKey::COLORS.'?'.http_build_query([
            ...['open_part' => $this->tab, 'open_scheme' => $this->scheme, 'open_path' => $this->selected],
            ...$query,
        ]));
    }

    /** The set of colors that is worked on: the open scheme's, or its own in dark surroundings. */
    public function set(): ColorSet
    {
        return ColorSet::of($this->scheme, $this->tab === 'dark' && $this->hasDark());
    }

    public function hasDark(): bool
    {
        return $this->bench->snapshot->resolved()->value(ColorInventory::DARK) === true;
    }

    /** A set of colors as it is called. */
    public function nameOf(ColorSet $set): string
    {
        return $this->bench->snapshot->theme()->schemes[$set->scheme].($set->isDark ? ' in the dark' : '');
    }

    public function findingsNote(): string
    {
        $here = count($this->findingsHere());
        $where = $this->nameOf($this->set());

        return $this->findings() === [] ? '' : ($here === 0 ? "none in $where" : "$here in $where");
    }

    /** @return list<ContrastFinding> of the open set of colors */
    public function findingsHere(): array
    {
        return $this->findingsOf($this->set());
    }

    /** @return array{stop: int, fix: int, know: int} */
    public function countsOf(ColorSet $set): array
    {
        return Checks::count($this->findingsOf($set));
    }

    /** The finding whose fixes are shown. */
    public function openFinding(): ?ContrastFinding
    {
        $key = $this->asked('open_finding');
        foreach ($this->bench->findings() as $finding) {
            if ($finding instanceof ContrastFinding && $finding->key === $key) {
                return $finding;
            }
        }

        return $this->findingsHere()[0] ?? null;
    }

    public function table(): ContrastTable
    {
        return $this->table ??= ContrastTable::of($this->bench->inspection(), $this->shownSets());
    }

    /** The pair that is open, or the worst one where none is. */
    public function openCell(): ?ContrastCell
    {
        $cells = $this->table()->cells;
        if (isset($cells[$this->pair])) {
            return $cells[$this->pair];
        }
        $failing = array_filter($cells, static fn(ContrastCell $c): bool => $c->severity !== null);
        uasort(
            $failing,
            static fn(ContrastCell $a, ContrastCell $b): int => [
                $a->severity?->rank(),
                $a->ratio / $a->target,
            ] <=> [$b->severity?->rank(), $b->ratio / $b->target],
        );

        return array_values($failing)[0] ?? null;
    }

    public function findingAt(ContrastCell $cell): ?ContrastFinding
    {
        foreach ($this->findingsOf($cell->set) as $finding) {
            if ($finding->pair->ink === $cell->ink && $finding->pair->ground === $cell->ground) {
                return $finding;
            }
        }

        return null;
    }

    /** @return list<Fix> */
    public function fixes(ContrastFinding $finding): array
    {
        return $this->repair()->of($finding);
    }

    /** @return list<Finding> of labels, messages and links that other eyes cannot tell apart */
    public function alike(): array
    {
        return array_values(array_filter(
            $this->bench->findingsIn(StepKey::COLORS),
            static fn(Finding $f): bool => str_starts_with($f->key(), 'alike:') || str_starts_with($f->key(), 'link-like'),
        ));
    }

    /** What stands in the way where no change mends a finding. */
    public function whyUnmended(ContrastFinding $finding): string
    {
        return $this->repair()->why($finding);
    }

    /**
     * @return list<array{path: string, label: string, color: string, to: string, to_label: string, to_color: string, difference: float,
     *     was: bool}> roles that follow nothing
     */
    public function departures(): array
    {
        $now = $this->bench->snapshot;
        $isDeparture = static function (string $path): bool {
            $set = SettingPath::of($path)->set;

            return $set !== null && ! $set->isDark;
        };
        $without = array_filter($now->own->own, static fn(string $path): bool => ! $isDeparture($path), ARRAY_FILTER_USE_KEY);

        return BrandFollowers::departures($now->resolved(), $now->with(LookState::of($without))->resolved(), $now->theme());
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
        $look = $this->bench->snapshot->resolved();
        $wearers = array_map(fn(Setting $s): array => [$s, $this->bench->places($s->path)[$page] ?? []], array_filter(
            SchemeUses::settings($look, $this->bench->snapshot->theme()),
            // A block or a button that has the colors of what it is in stands for nothing by itself.
            static fn(Setting $s): bool => $s->step !== StepKey::SEASONS
                && ($look->text($s->path) !== 'around' || ! SchemeUses::isWithinAPart($s)),
        ));
        foreach ($elements as $element) {
            $best = null;
            foreach ($wearers as [$setting, $places]) {
                // Of two that name the same element the one with fewer is meant: a band, not the page around it.
                if (
                    in_array($element, $places, true)
                    && $look->at($setting->path)->unmet === null
                    && ($best === null || count($places) < count($best[1]))
                ) {
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
        $latest = $this->bench->look->edits()->orderByDesc('sequence')->limit(self::RECENT)->toBase();
        foreach ($latest->pluck('settings_changed') as $changes) {
            foreach (json_decode((string) $changes, true, 8, JSON_THROW_ON_ERROR) as $change) {
                if (is_string($change['after'] ?? null) && preg_match('/^#[0-9a-f]{6}$/', $change['after'])) {
                    $found[$change['after']] = true;
                }
            }
        }

        return array_slice(array_map(strval(...), array_keys($found)), 0, 10);
    }

    /** @return list<ContrastFinding> */
    private function findingsOf(ColorSet $set): array
    {
        return array_values(array_filter(
            $this->bench->findings(),
            static fn(Finding $f): bool => $f instanceof ContrastFinding && $f->set->is($set),
        ));
    }

    /** @return list<ColorSet> the sets of colors the table shows */
    private function shownSets(): array
    {
        $sets = SchemeColors::sets($this->bench->snapshot->resolved(), $this->bench->snapshot->theme());

        return match ($this->shown) {
            'all' => array_values(array_filter($sets, static fn(ColorSet $s): bool => ! $s->isDark)),
            'dark' => array_values(array_filter($sets, static fn(ColorSet $s): bool => $s->isDark)) ?: $sets,
            default => array_filter([ColorSet::tryNamed($this->shown)]),
        };
    }

    private function repair(): ContrastFixes
    {
        return $this->fixes ??= new ContrastFixes($this->bench->inspection());
    }
}
