<?php

declare(strict_types=1);

namespace App\Workbench\Publish;

use App\Http\TypedRequest;
use App\Looks\JournalReader;
use App\Models\Keepsake;
use App\Models\Release;
use App\Workbench\Shell\Bench;
use App\Workbench\Shell\Sheet;
use App\Workbench\Shell\StepPanel;
use Ikat\Core\Compile\CompiledLook;
use Ikat\Core\Look\Base;
use Ikat\Core\Look\Change;
use Ikat\Core\Look\Journal;
use Ikat\Core\Look\JournalGroup;
use Ikat\Core\Look\JournalLine;
use Ikat\Core\Look\LookState;
use Ikat\Core\Look\ReleaseChanges;
use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Reach\ReachIndex;
use Ikat\Core\Setting\Alias;
use Illuminate\Support\Collection;

/** What will change, what stands in the way, the journal, and the releases there were. */
final class PublishPanel extends StepPanel
{
    /** Releases listed at once, the latest first. */
    private const RELEASES = 20;

    /** Letters that are searched for. */
    private const LONGEST = 80;

    /** The line after which the look is looked at; the last one for now. */
    public readonly int $point;

    /** The point it is compared with; the last one for now. */
    public readonly int $other;

    /** The last line that is drawn. */
    public readonly int $until;

    public readonly string $search;

    private ?JournalDrawing $drawing = null;

    private ?JournalGroup $heldGroup = null;

    private bool $askedHeld = false;

    private ?ResolvedLook $underneath = null;

    /** @var ?Collection<int, Release> */
    private ?Collection $releases = null;

    /** @var ?Collection<int, Keepsake> */
    private ?Collection $keepsakes = null;

    public function __construct(Bench $bench, TypedRequest $request, private readonly JournalReader $journal)
    {
        parent::__construct($bench, $request);
        $head = $bench->look->head;
        $asked = static function (string $key) use ($request, $head): int {
            $word = $request->word($key);

            return preg_match('/^\d{1,9}$/D', $word) === 1 ? min($head, (int) $word) : $head;
        };
        $this->point = $asked('open_point');
        $this->other = $asked('open_other');
        $this->until = $asked('open_until');
        $this->search = mb_substr(trim($request->word('open_search')), 0, self::LONGEST);
    }

    public function view(): string
    {
        return 'workbench.publish.panel';
    }

    public function sheet(): Sheet
    {
        $count = $this->bench->look->head;
        $found = $this->search === '' ? '' : $this->journal->count($this->bench->look, $this->search).' of ';

        return new Sheet(
            'workbench.publish.journal',
            'The journal',
            $found.$count.($count === 1 ? ' edit' : ' edits').', by hour and person; pale ones were taken back',
            308,
        );
    }

    public function state(): array
    {
        $head = $this->bench->look->head;

        return [
            ...($this->point === $head ? [] : ['open_point' => (string) $this->point]),
            ...($this->other === $head ? [] : ['open_other' => (string) $this->other]),
            ...($this->until === $head ? [] : ['open_until' => (string) $this->until]),
            ...($this->search === '' ? [] : ['open_search' => $this->search]),
        ];
    }

    /**
     * Address of the step with what is open but for what is named.
     *
     * @param array<string, int|string> $query
     */
    public function address(array $query): string
    {
        return $this->bench->address(PublishStep::KEY.'?'.http_build_query([...$this->state(), ...$query]));
    }

    public function findings(): array
    {
        return $this->bench->findings();
    }

    public function findingsTitle(): string
    {
        return 'Findings';
    }

    /** The journal as it is drawn. */
    public function drawing(): JournalDrawing
    {
        return $this->drawing ??= JournalDrawing::of(
            JournalGroup::of($this->journal->page($this->bench->look, $this->until, $this->search)),
            $this->bench->user->name,
        );
    }

    /** Whether a point is looked at that is not now, or two points are compared. */
    public function holds(): bool
    {
        return $this->point !== $this->bench->look->head;
    }

    /** The group of lines that the held point is one of. */
    public function heldGroup(): ?JournalGroup
    {
        if ($this->askedHeld) {
            return $this->heldGroup;
        }
        $this->askedHeld = true;
        foreach (JournalGroup::of($this->journal->page($this->bench->look, $this->point, '')) as $group) {
            if ($group->last()->sequence === $this->point) {
                $this->heldGroup = $group;
            }
        }

        return $this->heldGroup;
    }

    /** @return list<Change> what the line of the held point changed */
    public function heldChanges(): array
    {
        return $this->journal->changes($this->bench->look, [$this->point])[$this->point] ?? [];
    }

    /**
     * The change that stands for each group of the drawing: the first one of a setting there still is.
     *
     * @return array<int, Change> by the sequence of the group's line
     */
    public function gists(): array
    {
        $lines = array_map(static fn(array $placed): int => $placed['group']->gist()->sequence, $this->drawing()->groups);
        $found = [];
        foreach ($this->journal->changes($this->bench->look, $lines) as $sequence => $changes) {
            foreach ($changes as $change) {
                if ($this->bench->catalog()->has($change->path)) {
                    $found[$sequence] = $change;

                    break;
                }
            }
        }

        return $found;
    }

    /** What a look's own value comes to: what it is linked to as it is now, and what lies beneath where it has none of its own. */
    public function comesTo(string $path, bool|float|string|null $own): bool|float|string|null
    {
        $this->underneath ??= $this->bench->snapshot->with(LookState::of(array_intersect_key(
            $this->bench->snapshot->own->own,
            array_flip(Base::PATHS),
        )))->resolved();
        $target = $own === null ? null : Alias::target($own);

        return match (true) {
            $target !== null => $this->bench->catalog()->has($target) ? $this->bench->inspection()->look->value($target) : null,
            $own !== null => $own,
            $this->underneath->catalog->has($path) => $this->underneath->value($path),
            default => null,
        };
    }

    /** @return Collection<int, Keepsake> named points, the latest first, by sequence */
    public function keepsakes(): Collection
    {
        return $this->keepsakes ??= $this->bench->look->keepsakes()->orderByDesc('sequence')->get()->keyBy('sequence');
    }

    /** How a point is called: by its name, its release, or its number. */
    public function nameOf(int $sequence): string
    {
        $release = $this->releasesHere()->firstWhere('sequence', $sequence);

        return match (true) {
            $this->keepsakes()->has($sequence) => $this->keepsakes()[$sequence]->name,
            $sequence === $this->bench->look->head => 'now',
            $release !== null => "release $release->number",
            $sequence === 0 => 'the beginning',
            default => "edit $sequence",
        };
    }

    /** The line of the held point; null for the beginning. */
    public function heldLine(): ?JournalLine
    {
        return $this->heldGroup()?->last();
    }

    /**
     * What the shop window compares: the earlier point, and the later one.
     *
     * @return ?array{then: array{trial: string, words: string}, now: array{trial: string, words: string}} null where nothing is held
     */
    public function points(): ?array
    {
        if (! $this->holds()) {
            return null;
        }
        [$then, $now] = [min($this->point, $this->other), max($this->point, $this->other)];

        return [
            'then' => ['trial' => $this->trialOf($then), 'words' => $this->nameOf($then)],
            'now' => ['trial' => $this->trialOf($now), 'words' => $this->nameOf($now)],
        ];
    }

    /** What differs from the live release, one line for each cause: what only follows a changed color is told with it. */
    public function changes(): ReleaseChanges
    {
        return ReleaseChanges::of($this->bench->snapshot->resolved(), $this->bench->live()->resolved ?? []);
    }

    /**
     * Where a change shows.
     *
     * @return array{places: int, pages: list<string>} pages by key
     */
    public function reach(string $path): array
    {
        $inspection = $this->bench->inspection();
        $places = $inspection->get(ReachIndex::class)->placesOf($path, $inspection->look, $inspection->get(CompiledLook::class));

        return ['places' => array_sum(array_map(count(...), $places)), 'pages' => array_keys($places)];
    }

    /** @return Collection<int, Release> */
    public function releases(): Collection
    {
        return $this->releases ??= $this->bench->look->storefront
            ->releases()
            ->limit(self::RELEASES)
            ->get(['id', 'store_id', 'storefront_id', 'number', 'look_id', 'sequence', 'findings', 'reason', 'author', 'created_at']);
    }

    /** @return Collection<int, Release> those that were made of this look */
    public function releasesHere(): Collection
    {
        return $this->releases()->where('look_id', $this->bench->look->id)->values();
    }

    private function trialOf(int $sequence): string
    {
        if ($sequence === $this->bench->look->head) {
            return '';
        }
        $changes = [];
        foreach (Journal::between($this->bench->look->ownChanges(), $this->journal->stateAt($this->bench->look, $sequence)) as $change) {
            $changes[$change->path] = $change->after;
        }

        return $this->bench->trial($changes);
    }
}
