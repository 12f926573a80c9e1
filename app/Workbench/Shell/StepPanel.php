<?php

declare(strict_types=1);

namespace App\Workbench\Shell;

use App\Http\TypedRequest;
use Ikat\Core\Check\Checks;
use Ikat\Core\Check\Finding;

/** A step as it is open: what it shows, and what it must be told again to be open at the same place. */
abstract class StepPanel
{
    /** What a step may be asked beside what it is open at: keys of the request. */
    protected const ASKED = [];

    /** @var array<string, string> what was asked, read before anything is shown: what cannot be read is refused then */
    private readonly array $asked;

    public function __construct(protected readonly Bench $bench, protected readonly TypedRequest $request)
    {
        $this->asked = array_map($request->word(...), array_combine(static::ASKED, static::ASKED));
    }

    /** Does what writes for it, before anything is shown: while a view is rendered nothing is written. */
    public function prepare(): void {}

    /**
     * Whether its answers leave out what an inspection of the whole shop tells: the steps tell what was found before, and are asked
     * for again (told) once there is time.
     */
    public function isLight(): bool
    {
        return false;
    }

    /** Template of the panel; it is given bench and panel. */
    abstract public function view(): string;

    /** The wide drawing above the window; null for a step that does without. */
    public function sheet(): ?Sheet
    {
        return null;
    }

    /** Where the shop window shows what is open; null where that is no place of it, and the window stays as it is. */
    public function shows(): ?WindowPlace
    {
        return null;
    }

    /** @return array<string, string> what the step is open at: goes along with every edit, and is not carried to another step */
    public function state(): array
    {
        return [];
    }

    /** Where it leads to the same again: the step, opened at what it is open at. */
    final public function placeAddress(): string
    {
        $state = http_build_query(array_filter($this->state(), static fn(string $value): bool => $value !== ''));

        return $this->bench->address($this->bench->step->key().($state === '' ? '' : "?$state"));
    }

    /** @return list<Finding> told on the tape */
    public function findings(): array
    {
        return $this->bench->findingsIn($this->bench->step->key());
    }

    public function findingsTitle(): string
    {
        return 'Findings in '.$this->bench->step->label();
    }

    /** What more is to be said of the findings, beside their number; empty for nothing. */
    public function findingsNote(): string
    {
        return '';
    }

    /**
     * What undo would take back here and redo would bring back, and where both are asked for.
     *
     * @return array{undo: ?array{label: string, words: string, path: string}, redo: ?array{label: string, words: string, path: string}}
     */
    public function backAndForth(): array
    {
        return $this->bench->backAndForth();
    }

    /** Where undo and redo are asked for, within the look's addresses: this, and its last word. */
    public function journalAddress(): string
    {
        return '';
    }

    /** @return array{string, string} what is kept, and how much of it is not live */
    public function kept(): array
    {
        $open = $this->bench->unpublished();

        return [
            $this->bench->look->head === 0
                ? 'Nothing changed yet'
                : 'Kept '.$this->bench->localTime($this->bench->look->updated_at)->format('g:i A'),
            match ($open) {
                0 => 'all of it live',
                1 => '1 change not live',
                default => "$open changes not live",
            },
        ];
    }

    /** Template of what the tape tells of the last edit; it is given bench and panel. */
    public function lastEditView(): string
    {
        return 'workbench.shell.last-edit';
    }

    /** @return array{stop: int, fix: int, know: int} */
    final public function counts(): array
    {
        return Checks::count($this->findings());
    }

    /** What was asked of the step besides what it is open at. */
    final public function asked(string $key): string
    {
        return $this->asked[$key];
    }

    /** Whether the step was opened with something: what an answer to an edit was sent with does not count. */
    final public function isOpenedWith(string $key): bool
    {
        return $this->request->isMethod('GET') && $this->request->has($key);
    }
}
