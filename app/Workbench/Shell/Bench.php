<?php

declare(strict_types=1);

namespace App\Workbench\Shell;

use App\Http\TypedRequest;
use App\Inspection\Inspector;
use App\Looks\LookReader;
use App\Looks\Trials;
use App\Models\Edit;
use App\Models\Look;
use App\Models\Release;
use App\Models\StoreEdit;
use App\Models\Storefront;
use App\Models\User;
use App\Pictures\PictureShelf;
use App\Pictures\ShopPicture;
use App\Storefront\DraftShop;
use App\Storefront\PreviewMoment;
use App\Storefront\SamplePages;
use App\Storefront\ShopContext;
use App\Storefront\Visitor;
use App\Storeroom\StoreReader;
use Carbon\Carbon;
use Ikat\Core\Check\Checks;
use Ikat\Core\Check\Finding;
use Ikat\Core\Check\Inspection;
use Ikat\Core\Check\Severity;
use Ikat\Core\Compile\CompiledLook;
use Ikat\Core\Look\Change;
use Ikat\Core\Look\Departures;
use Ikat\Core\Look\LookSnapshot;
use Ikat\Core\Look\ReleaseChanges;
use Ikat\Core\Reach\EditReach;
use Ikat\Core\Reach\ReachIndex;
use Ikat\Core\Setting\Alias;
use Ikat\Core\Setting\Catalog\Parts;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\SettingCatalog;
use Ikat\Core\Setting\SettingPath;
use Ikat\Core\Setting\Type\ChoiceType;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\Cache;

/** What the workbench shows of one look, whatever the step; each part is computed when it is first asked for. */
final class Bench
{
    /** The look as it is. */
    public readonly LookSnapshot $snapshot;

    private ?Inspection $inspection = null;

    /** @var ?array<string, string> */
    private ?array $samplePages = null;

    /** @var ?list<Finding> */
    private ?array $findings = null;

    private ?StepPanel $panel = null;

    /** @var ?array<string, Departures> */
    private ?array $departures = null;

    /** @var ?Collection<int, Edit> the last edit, what undo takes back and what redo brings back, by sequence */
    private ?Collection $lines = null;

    private ?EditReach $lastReach = null;

    private ?Release $live = null;

    private bool $askedLive = false;

    private ?int $unpublished = null;

    private string $sheet = '';

    /** @var ?array{stop: int, steps: array<string, array{int, Severity}>} */
    private ?array $told = null;

    /** That what was told is kept for light answers. */
    private const SECONDS = 86_400;

    public function __construct(
        private readonly TypedRequest $request,
        public readonly Look $look,
        public readonly Step $step,
        public readonly User $user,
        public readonly Steps $steps,
        private readonly LookReader $looks,
        private readonly Inspector $inspector,
        private readonly DraftShop $drafts,
        private readonly PictureShelf $pictures,
        private readonly Trials $trials,
        private readonly SamplePages $pages,
        public readonly StoreReader $store,
    ) {
        $this->snapshot = $looks->of($look);
    }

    /** Does what writes, so that views only read: measures are kept, and the stylesheet and what the panel needs laid where it is found. */
    public function prepare(): self
    {
        $this->samplePages();
        $kept = Cache::get("findings-told {$this->look->id}");
        if ($this->panel()->isLight() && is_array($kept)) {
            $this->told = $kept;
        } else {
            $this->lastReach();
            $this->tellAnew($kept);
        }
        $this->sheet = '/'.config('ikat.files').'/'.$this->looks->layOut($this->snapshot);
        $this->panel()->prepare();

        return $this;
    }

    /** @return array<string, string> page or state the window can show => its path within the storefront */
    public function samplePages(): array
    {
        return $this->samplePages ??= $this->pages->pathsIn($this->look->storefront);
    }

    public function panel(): StepPanel
    {
        return $this->panel ??= $this->step->panel($this, $this->request);
    }

    public function inspection(): Inspection
    {
        return $this->inspection ??= $this->inspector->inspect($this->look, $this->snapshot);
    }

    public function catalog(): SettingCatalog
    {
        return $this->snapshot->catalog();
    }

    public function setting(string $path): Setting
    {
        return $this->catalog()->get($path);
    }

    /** @return array<string, string> part of the storefront => its name */
    public function partNames(): array
    {
        $parts = array_unique(array_map(static fn(Setting $s): string => $s->part, array_values($this->catalog()->all())));

        return array_combine($parts, array_map(Parts::label(...), $parts));
    }

    /** Whether the person may change anything. */
    public function edits(): bool
    {
        return $this->user->role->edits();
    }

    /** @return list<Finding> the gravest first */
    public function findings(): array
    {
        return $this->findings ??= Checks::run($this->inspection());
    }

    /** @return list<Finding> of a step */
    public function findingsIn(string $step): array
    {
        return array_values(array_filter($this->findings(), static fn(Finding $f): bool => $f->step() === $step));
    }

    /** Finds anew what the steps tell, and keeps it for answers that do not. */
    public function tellAnew(mixed $kept = null): void
    {
        $this->told = $this->summary();
        if ($this->told !== $kept) {
            Cache::put("findings-told {$this->look->id}", $this->told, self::SECONDS);
        }
    }

    /**
     * How many findings each step has, and the gravest of them; what a light answer tells is from the one before it.
     *
     * @return array{stop: int, steps: array<string, array{int, Severity}>}
     */
    public function told(): array
    {
        return $this->told ??= $this->summary();
    }

    /** @return array{stop: int, steps: array<string, array{int, Severity}>} */
    private function summary(): array
    {
        $steps = [];
        foreach ($this->findings() as $finding) {
            $steps[$finding->step()] = [1 + ($steps[$finding->step()][0] ?? 0), $steps[$finding->step()][1] ?? $finding->severity()];
        }

        return ['stop' => $this->counts()['stop'], 'steps' => $steps];
    }

    /** @return array{stop: int, fix: int, know: int} */
    public function counts(): array
    {
        return Checks::count($this->findings());
    }

    /** Where a finding is mended. */
    public function addressOf(Finding $finding): string
    {
        return $this->address($this->steps->orFirst($finding->step())->addressOfFinding($finding, $this));
    }

    /** Where a setting is changed. */
    public function addressOfSetting(string $path): string
    {
        return $this->address($this->addressWithin($path));
    }

    public function addressWithin(string $path): string
    {
        $setting = $this->setting($path);

        return $this->steps->orFirst($setting->step)->addressOf($setting, $this);
    }

    public function address(string $rest): string
    {
        return "/workbench/looks/{$this->look->id}/$rest";
    }

    /** Whether a setting belongs to a brand color or scheme that was put away. */
    public function isPutAway(string $path): bool
    {
        $of = SettingPath::of($path);
        $theme = $this->snapshot->theme();

        return $of->brand !== null
            && ! isset($theme->brandColors[$of->brand])
            || $of->scheme !== null
            && ! isset($theme->schemes[$of->scheme]);
    }

    /** The scheme that the part a setting belongs to wears, as far as one can say. */
    public function schemeAround(Setting $setting): string
    {
        $look = $this->inspection()->look;
        $item = SettingPath::of($setting->path)->item;
        $own = $item === null ? SettingPath::first($setting->path).'.scheme' : $item->path('scheme');
        foreach ([$own, $item?->prefix === 'message' ? 'announcement.scheme' : 'page.scheme'] as $path) {
            if ($look->catalog->has($path) && isset($this->snapshot->theme()->schemes[$look->text($path)])) {
                return $look->text($path);
            }
        }

        return (string) array_key_first($this->snapshot->theme()->schemes);
    }

    /** @return array<string, Departures> parts that depart from their color scheme, by the scheme made for them */
    public function departures(): array
    {
        return $this->departures ??= Departures::in($this->inspection()->look, $this->snapshot->theme());
    }

    /** @return array<array-key, string> what may be chosen for a setting: colors made for one part are no choice for another */
    public function choicesOf(Setting $setting, string $now): array
    {
        assert($setting->type instanceof ChoiceType);
        $isScheme = count(array_diff_key($this->snapshot->theme()->schemes, $setting->type->choices)) === 0;

        return $isScheme
            ? array_diff_key($setting->type->choices, array_diff_key($this->departures(), [$now => true]))
            : $setting->type->choices;
    }

    /** Whether a setting is on, for lists that show which of their items are hidden. */
    public function isOn(string $path): bool
    {
        return $this->inspection()->look->value($path) === true;
    }

    public function isOwn(string $path): bool
    {
        return array_key_exists($path, $this->snapshot->own->own);
    }

    /** How many of this step's settings are the merchant's own. */
    public function ownCount(): int
    {
        return count(array_filter($this->catalog()->inStep($this->step->key()), fn(Setting $s): bool => $this->isOwn($s->path)));
    }

    /** What a setting follows directly, or null. */
    public function follows(string $path): ?string
    {
        return Alias::target($this->inspection()->look->at($path)->written);
    }

    /** A picture of the store's library; null when none has the name. */
    public function picture(string $name): ?ShopPicture
    {
        return $this->pictures->one($name);
    }

    /** Lays the draft's icons where they are found, and answers the address of their folder. */
    public function layIcons(): string
    {
        return $this->shop()->layIcons();
    }

    /** The shop as the draft makes it now. */
    public function shop(): ShopContext
    {
        return $this->drafts->context($this->look, Visitor::looking($this->look->storefront), PreviewMoment::now())
            ?? throw new \LogicException('Without a trial the draft is always known.');
    }

    /** Address of the stylesheet of the look as it is now. */
    public function sheet(): string
    {
        return $this->sheet;
    }

    /**
     * What can be tried on in the window: kept when the answer is made.
     *
     * @param array<string, bool|float|string|null> $changes path => value
     */
    public function trial(array $changes): string
    {
        return $this->trials->offer($this->look, $changes);
    }

    public function lastEdit(): ?Edit
    {
        return $this->lines()->get($this->look->head);
    }

    /** What was last done in the Storeroom and can be undone; null for nothing. */
    public function lastInStoreroom(): ?string
    {
        $undo = $this->look->storefront->store->undo_at;

        return $undo === 0 ? null : StoreEdit::query()->where('sequence', $undo)->value('label');
    }

    /**
     * What undo would take back and redo would bring back; null for nothing.
     *
     * @return array{undo: ?array{label: string, words: string, path: string}, redo: ?array{label: string, words: string, path: string}}
     *     path:
     *     the first setting it changes that there still is, or empty
     */
    public function backAndForth(): array
    {
        return ['undo' => $this->wayBack($this->look->undo_at), 'redo' => $this->wayBack($this->look->redo_at)];
    }

    /** @return ?array{label: string, words: string, path: string} what taking a line back does */
    private function wayBack(int $sequence): ?array
    {
        $line = $this->lines()->get($sequence);
        if ($line === null) {
            return null;
        }
        $changes = $line->entry()->changes;
        $known = array_values(array_filter($changes, fn(Change $c): bool => $this->catalog()->has($c->path)));
        $more = count($changes) - 1;
        if ($known === []) {
            return ['label' => $line->label, 'words' => $line->label, 'path' => ''];
        }
        $say = function (bool|float|string|null $own) use ($known): string {
            $target = $own === null ? null : Alias::target($own);

            return match (true) {
                $own === null => 'its original',
                $target !== null => $this->catalog()->has($target) ? $this->setting($target)->label : $target,
                default => $this->setting($known[0]->path)->describe($own),
            };
        };

        return [
            'label' => $line->label,
            'words' => "{$this->setting($known[0]->path)->label}: from {$say($known[0]->after)} back to {$say($known[0]->before)}"
                .($more === 0 ? '' : ", and $more more"),
            'path' => $known[0]->path,
        ];
    }

    /** @return Collection<int, Edit> */
    private function lines(): Collection
    {
        return $this->lines ??= $this->look
            ->edits()
            ->whereIn('sequence', array_unique([$this->look->head, $this->look->undo_at, $this->look->redo_at]))
            ->get()
            ->keyBy('sequence');
    }

    public function live(): ?Release
    {
        if (! $this->askedLive) {
            $this->askedLive = true;
            $this->live = $this->look->storefront->liveRelease;
        }

        return $this->live;
    }

    /** How many changes are not live: as Publish counts them, what only follows another told with it. */
    public function unpublished(): int
    {
        return $this->unpublished ??= count(ReleaseChanges::of($this->snapshot->resolved(), $this->live()->resolved ?? [])->lines);
    }

    /** @return Collection<int, Storefront> */
    public function storefronts(): Collection
    {
        return Storefront::query()
            ->with(['looks' => static fn($q) => $q->whereNull('put_away_at')->select([
                'id', 'store_id', 'storefront_id', 'name',
            ])->limit(self::LOOKS)])
            ->orderBy('id')
            ->get();
    }

    /** Looks of a storefront that are offered in the bar; Start lists them all. */
    private const LOOKS = 12;

    /** @return array<string, list<int>> page => elements */
    public function places(string $path): array
    {
        return $this->inspection()
            ->get(ReachIndex::class)
            ->placesOf($path, $this->inspection()->look, $this->inspection()->get(CompiledLook::class));
    }

    public function whyNowhere(string $path): ?string
    {
        return $this->inspection()
            ->get(ReachIndex::class)
            ->whyNowhere($path, $this->inspection()->look, $this->inspection()->get(CompiledLook::class));
    }

    /** @return array<string, list<int>> page => elements: once something is opened, pointed at or focused */
    public function latentPlaces(string $path): array
    {
        return $this->inspection()
            ->get(ReachIndex::class)
            ->latentPlacesOf($path, $this->inspection()->look, $this->inspection()->get(CompiledLook::class));
    }

    /** What of the last edit can be seen; null when it was none of one setting. */
    public function lastReach(): ?EditReach
    {
        $changes = $this->lastEdit()?->entry()->changes ?? [];

        if (count($changes) !== 1 || ! $this->catalog()->has($changes[0]->path)) {
            return null;
        }
        $before = fn(): Inspection => $this->inspector->inspect(
            $this->look,
            $this->snapshot->with($this->snapshot->own->with([$changes[0]->reversed()])),
        );

        return $this->lastReach ??= EditReach::of($changes[0], $this->inspection(), $before);
    }

    /** A moment in the store's own time zone. */
    public function localTime(Carbon $moment): Carbon
    {
        return $moment->copy()->setTimezone($this->snapshot->zone);
    }
}
