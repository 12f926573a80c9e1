<?php

declare(strict_types=1);

namespace App\Workbench\Shell;

use App\Http\TypedRequest;
use App\Inspection\Inspector;
use App\Looks\Journals;
use App\Looks\LookReader;
use App\Models\Edit;
use App\Models\Look;
use App\Models\Release;
use App\Models\Storefront;
use App\Models\User;
use App\Pictures\ShopPicture;
use App\Storefront\DraftShop;
use App\Storefront\PreviewMoment;
use App\Storefront\SamplePages;
use App\Storeroom\StoreReader;
use App\Workbench\Colors\ColorTools;
use Ikat\Core\Check\Checks;
use Ikat\Core\Check\Finding;
use Ikat\Core\Check\Inspection;
use Ikat\Core\Contrast\ContrastFinding;
use Ikat\Core\Look\ColorInventory;
use Ikat\Core\Look\EntryKind;
use Ikat\Core\Look\Journal;
use Ikat\Core\Look\LayerKind;
use Ikat\Core\Reach\EditReach;
use Ikat\Core\Season\SeasonCalendar;
use Ikat\Core\Setting\Alias;
use Ikat\Core\Setting\ColoredText;
use Ikat\Core\Setting\Item;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\SettingType;
use Ikat\Core\Setting\Step;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;

/** Everything the workbench shows of one look at one step; each part is computed when a view first asks for it. */
final class Bench
{
    /** The benches of the color desk, in the order of the work. */
    public const COLOR_BENCHES = ['schemes' => 'Schemes', 'brand' => 'Brand colors', 'lattice' => 'Lattice', 'dark' => 'In the dark', 'all' => 'All colors'];

    private ?Inspection $input = null;

    /** @var ?list<Finding> */
    private ?array $findings = null;

    private ?ColorTools $colors = null;

    private ?Journal $journal = null;

    private ?Edit $lastEdit = null;

    private ?Release $live = null;

    private bool $askedLive = false;

    /**
     * @param string $scheme the open color scheme
     * @param string $selected path of the color being edited
     * @param ?string $opened key of the opened finding
     * @param string $part the open part of the storefront, or bench of the color desk
     * @param string $knot the open crossing of the lattice, as ink:ground
     * @param string $woven what the lattice shows: a scheme, or all of them
     */
    public function __construct(
        private readonly TypedRequest $request,
        public readonly Look $look,
        public readonly Step $step,
        public readonly User $user,
        public readonly string $scheme,
        public readonly string $selected,
        public readonly ?string $opened,
        public readonly string $part,
        public readonly string $knot,
        public readonly string $woven,
        private readonly LookReader $desk,
        private readonly Inspector $reach,
        private readonly Journals $book,
        public readonly SamplePages $pages,
        public readonly StoreReader $store,
        private readonly DraftShop $drafts,
    ) {}

    /** What was asked of a step besides what it is open at: a theme to look at, a kind of shop. */
    public function asked(string $key): string
    {
        return $this->request->word($key);
    }

    /** Whether a step was opened with something: what an answer to an edit was sent with does not count. */
    public function isOpenedWith(string $key): bool
    {
        return $this->request->isMethod('GET') && $this->request->has($key);
    }

    /** What only the color desk shows. */
    public function colors(): ColorTools
    {
        return $this->colors ??= new ColorTools($this, $this->desk);
    }

    public function input(): Inspection
    {
        return $this->input ??= $this->reach->input($this->look);
    }

    /** @return list<Finding> */
    public function findings(): array
    {
        return $this->findings ??= Checks::run($this->input());
    }

    /** @return list<ContrastFinding> of the open scheme */
    public function findingsHere(): array
    {
        return array_values(array_filter($this->findings(), fn(Finding $f): bool => $f instanceof ContrastFinding && $f->set === $this->set()));
    }

    /** The set of colors the bench works on: the open scheme's, or its own in dark surroundings. */
    public function set(): string
    {
        return ($this->openPart() === 'dark' && $this->hasDark() ? 'dark.' : 'scheme.').$this->scheme;
    }

    public function hasDark(): bool
    {
        return $this->input()->look->value(ColorInventory::DARK) === true;
    }

    /** The scheme that the part a setting belongs to wears, as far as one can say. */
    public function schemeAround(Setting $setting): string
    {
        $look = $this->input()->look;
        $own = preg_match('/^band\.[a-z]+-\d+\./', $setting->path, $m) ? $m[0].'scheme' : strtok($setting->path, '.').'.scheme';
        foreach ([$own, str_starts_with($setting->path, 'message.') ? 'announcement.scheme' : 'page.scheme'] as $path) {
            if ($look->catalog->has($path) && isset($this->input()->theme->schemes[$look->text($path)])) {
                return $look->text($path);
            }
        }

        return (string) array_key_first($this->input()->theme->schemes);
    }

    /** @return list<Finding> of a step */
    public function findingsIn(Step $step): array
    {
        return array_values(array_filter($this->findings(), static fn(Finding $f): bool => $f->step() === $step));
    }

    /** Where a finding is mended. */
    public function addressOf(Finding $finding): string
    {
        if ($finding instanceof ContrastFinding) {
            return $this->address('colors?'.http_build_query(['open_scheme' => $finding->scheme, 'open_path' => $finding->inkPath, 'open_finding' => $finding->key, 'open_part' => str_starts_with($finding->set, 'dark.') ? 'dark' : 'schemes']));
        }

        return $this->addressOfSetting($finding->path(), $finding->step());
    }

    /** Where a setting is changed. */
    public function addressOfSetting(string $path, Step $step): string
    {
        $catalog = $this->input()->look->catalog;
        if (! $catalog->has($path)) {
            return $this->address($step->value);
        }
        $setting = $catalog->get($path);
        if ($setting->step === Step::Colors) {
            [$kind, $key] = explode('.', $path) + ['', ''];

            return $this->address('colors?'.http_build_query([
                'open_scheme' => in_array($kind, ['scheme', 'dark'], true) ? $key : $this->scheme,
                'open_path' => $setting->type === SettingType::Color ? $path : $this->selected,
                'open_part' => match (true) {
                    $kind === 'dark' => 'dark',
                    $kind === 'scheme' || str_starts_with($path, 'name.scheme') || in_array($path, [ColorInventory::SCHEMES, ColorInventory::SCHEMES_AWAY], true) => 'schemes',
                    default => 'brand',
                },
            ]).($setting->type === SettingType::Gradient ? '#gradient' : ''));
        }

        return $this->address("{$setting->step->value}?".http_build_query(['open_part' => $setting->part]).'#c-'.str_replace('.', '-', $path));
    }

    /** @return list<string> the parts of this step, in the order of the catalog; items of lists are left to their list */
    public function parts(): array
    {
        $parts = array_map(static fn(Setting $s): string => $s->part, $this->input()->look->catalog->inStep($this->step));

        return array_values(array_filter(array_unique($parts), static fn(string $p): bool => self::itemOf($p) === null));
    }

    /** The part whose list the open part is an item of, or the open part itself. */
    public function openTab(): string
    {
        $item = self::itemOf($this->openPart());
        if ($item !== null) {
            foreach ($this->input()->look->catalog->inStep($this->step) as $setting) {
                if ($setting->type === SettingType::Items && $setting->of === $item) {
                    return $setting->part;
                }
            }
        }

        return $this->openPart();
    }

    public function openPart(): string
    {
        if ($this->step === Step::Colors) {
            return isset(self::COLOR_BENCHES[$this->part]) ? $this->part : (string) array_key_first(self::COLOR_BENCHES);
        }
        $parts = array_map(static fn(Setting $s): string => $s->part, $this->input()->look->catalog->inStep($this->step));

        return in_array($this->part, $parts, true) ? $this->part : ($parts[0] ?? '');
    }

    /** @return list<Setting> */
    public function settingsOf(string $part): array
    {
        return array_values(array_filter($this->input()->look->catalog->inStep($this->step), static fn(Setting $s): bool => $s->part === $part));
    }

    /** Whether a setting is on, for lists that show which of their items are hidden. */
    public function isOn(string $path): bool
    {
        return $this->input()->look->value($path) === true;
    }

    /** What an item says, to tell it from its neighbors: its name, heading or text. */
    public function gist(Item $item): string
    {
        foreach (['name', 'heading', 'text'] as $key) {
            $path = $item->path($key);
            if ($this->input()->look->catalog->has($path) && $this->input()->look->text($path) !== '') {
                return ColoredText::plain($this->input()->look->text($path));
            }
        }

        return '';
    }

    /** The lowest number not used by an item of a kind, put-away ones included: their settings wait in the look. */
    public function nextNumber(Setting $list, string $kind): int
    {
        $taken = array_map(static fn(string $n): int => (int) (explode('-', $n)[1] ?? 0), array_filter(explode(',', $this->input()->look->text($list->path)), static fn(string $n): bool => str_starts_with($n, "$kind-")));
        foreach (array_keys($this->look->ownChanges()->own) as $path) {
            if (preg_match('/^'.preg_quote($list->of, '/')."\\.$kind-(\\d+)\\./", $path, $m)) {
                $taken[] = (int) $m[1];
            }
        }

        return max([0, ...$taken]) + 1;
    }

    /** @return array<string, ShopPicture> by name */
    public function pictures(): array
    {
        return $this->drafts->pictures();
    }

    /** Address of the folder the draft's icons are in. */
    public function icons(): string
    {
        return $this->drafts->context($this->look, Request::create('/'), PreviewMoment::now())?->icons() ?? '';
    }

    public function calendar(): SeasonCalendar
    {
        return $this->desk->calendar($this->look);
    }

    private static function itemOf(string $part): ?string
    {
        return preg_match('/^(message|band|block|season)-[a-z]+-\d+$/', $part, $m) ? $m[1] : null;
    }

    /**
     * @param ?string $scheme a set of colors, or all findings
     *
     * @return array{stop: int, fix: int, know: int}
     */
    public function counts(?string $scheme = null): array
    {
        return Checks::count($scheme === null ? $this->findings() : array_values(array_filter($this->findings(), static fn(Finding $f): bool => $f instanceof ContrastFinding && $f->set === $scheme)));
    }

    /** The finding whose fixes are shown. */
    public function openFinding(): ?ContrastFinding
    {
        foreach ($this->findings() as $finding) {
            if ($finding instanceof ContrastFinding && $finding->key === $this->opened) {
                return $finding;
            }
        }

        return $this->findingsHere()[0] ?? null;
    }

    /** Right after an edit it alone can be undone, and nothing redone: only then is the whole way not read. */
    public function journal(): Journal
    {
        $last = $this->lastEdit()?->entry();

        return $this->journal ??= $last?->kind === EntryKind::Edit ? Journal::of([$last]) : $this->book->outline($this->look);
    }

    public function lastEdit(): ?Edit
    {
        return $this->lastEdit ??= $this->look->edits()->orderByDesc('sequence')->first();
    }

    public function live(): ?Release
    {
        if (! $this->askedLive) {
            $this->askedLive = true;
            $this->live = $this->look->storefront->liveRelease;
        }

        return $this->live;
    }

    /**
     * What a publish would change.
     *
     * @return list<array{setting: Setting, from: string, to: string, color: bool, before: string, after: string}>
     */
    public function unpublished(): array
    {
        $live = $this->live()?->resolved ?? [];
        $changes = [];
        foreach ($this->input()->look->all() as $path => $resolution) {
            $before = $live[$path] ?? null;
            $before = is_int($before) ? (float) $before : $before;
            // What the rule makes of the colors for dark surroundings is no change of the merchant's.
            if ($before !== $resolution->value && $resolution->layer->kind !== LayerKind::Rule) {
                $changes[] = [
                    'setting' => $resolution->setting,
                    'from' => $before === null ? 'nothing' : $resolution->setting->say($before),
                    'to' => $resolution->setting->say($resolution->value),
                    'color' => $resolution->setting->type->value === 'color',
                    'before' => (string) $before,
                    'after' => (string) $resolution->value,
                ];
            }
        }

        return $changes;
    }

    /** @return Collection<int, Storefront> */
    public function storefronts(): Collection
    {
        return Storefront::query()->with('looks')->orderBy('id')->get();
    }

    /** @return array<string, list<int>> page => elements */
    public function places(string $path): array
    {
        $input = $this->input();

        return $input->reach->placesOf($path, $input->look, $input->compiled);
    }

    public function whyNowhere(string $path): ?string
    {
        $input = $this->input();

        return $input->reach->whyNowhere($path, $input->look, $input->compiled);
    }

    /** What of the last edit can be seen; null when it was none of one setting. */
    public function lastReach(): ?EditReach
    {
        $changes = $this->lastEdit()?->entry()->changes ?? [];

        return count($changes) === 1 && $this->input()->look->catalog->has($changes[0]->path) ? EditReach::of($changes[0], $this->input()) : null;
    }

    /** @return array<string, list<int>> page => elements: once something is opened, pointed at or focused */
    public function latentPlaces(string $path): array
    {
        $input = $this->input();

        return $input->reach->latentPlacesOf($path, $input->look, $input->compiled);
    }

    /** Whether a setting belongs to a brand color or scheme that was put away. */
    public function isPutAway(string $path): bool
    {
        $theme = $this->input()->theme;

        return preg_match('/^(?:name\.)?(brand|scheme)\.([a-z0-9]+)/', $path, $m) === 1
            && ! isset(($m[1] === 'brand' ? $theme->brandColors : $theme->schemes)[$m[2]]);
    }

    public function setting(string $path): Setting
    {
        return $this->input()->look->catalog->get($path);
    }

    public function isOwn(string $path): bool
    {
        return array_key_exists($path, $this->look->ownChanges()->own);
    }

    /** How many of this step's settings are the merchant's own. */
    public function ownCount(): int
    {
        return count(array_filter($this->input()->look->catalog->inStep($this->step), fn(Setting $s): bool => $this->isOwn($s->path)));
    }

    /** What a color follows directly, or null. */
    public function follows(string $path): ?string
    {
        return Alias::target($this->input()->look->at($path)->written);
    }

    /** A moment in the store's own time zone. */
    public function localTime(Carbon $moment): Carbon
    {
        return $moment->copy()->setTimezone($this->desk->zone($this->look));
    }

    /** Address of the stylesheet of the look as it is now. */
    public function sheet(): string
    {
        return '/'.config('ikat.files').'/'.$this->desk->layOut($this->look);
    }

    public function address(string $rest): string
    {
        return "/workbench/looks/{$this->look->id}/$rest";
    }
}
