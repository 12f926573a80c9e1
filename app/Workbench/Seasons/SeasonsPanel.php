<?php

declare(strict_types=1);

namespace App\Workbench\Seasons;

use App\Http\TypedRequest;
use App\Workbench\Shell\Bench;
use App\Workbench\Shell\ControlsPanel;
use App\Workbench\Shell\Sheet;
use App\Workbench\Shell\WindowPlace;
use Ikat\Core\Season\Season;
use Ikat\Core\Season\YearScale;
use Ikat\Core\Setting\Item;

/** The seasons, and when each runs. */
final class SeasonsPanel extends ControlsPanel
{
    /** Months the board shows => how that is called. */
    public const SPANS = [60 => 'five years', 12 => 'a year', 3 => 'three months', 1 => 'a month'];

    private const SPAN = 12;

    /** Px of the board: where its lanes begin, and how wide they are. */
    private const LEFT = 132;

    private const WIDTH = 678;

    /** Months the board shows. */
    public readonly int $span;

    /** Its first month: 2027-02. */
    public readonly string $from;

    public function __construct(Bench $bench, TypedRequest $request)
    {
        parent::__construct($bench, $request);
        $span = (int) $request->word('open_span');
        $this->span = isset(self::SPANS[$span]) ? $span : self::SPAN;
        $from = $request->word('open_from');
        $this->from = preg_match('/^2[01]\d\d-(0[1-9]|1[0-2])$/D', $from) === 1 ? $from : $this->firstMonth();
    }

    public function view(): string
    {
        return 'workbench.seasons.panel';
    }

    public function sheet(): Sheet
    {
        return new Sheet(
            'workbench.seasons.year',
            'The year',
            'drag the ends of the open season, or the clock',
            122 + 28 * max(2, count($this->lanes())),
        );
    }

    /** What it swaps, while it runs. */
    public function shows(): ?WindowPlace
    {
        $season = $this->open();
        if ($season === null) {
            return null;
        }
        $now = now()->toImmutable();
        $moment = $season->momentInside($now);
        $isOther = $moment !== null && ! $season->runsAt($now);
        $swapped = array_key_first(array_diff_key($season->swaps, ['announcement.show' => true]));
        $part = $swapped === null ? null : $this->bench->setting($swapped)->part;

        return (WindowPlace::ofPart((string) $part) ?? WindowPlace::ofPart('home'))
            ?->at($isOther ? $moment->setTimezone($this->bench->snapshot->zone)->format('Y-m-d\TH:i') : null);
    }

    public function state(): array
    {
        return [
            ...parent::state(),
            ...($this->span === self::SPAN ? [] : ['open_span' => (string) $this->span]),
            ...($this->from === $this->firstMonth() ? [] : ['open_from' => $this->from]),
        ];
    }

    public function scale(): YearScale
    {
        return new YearScale($this->from, $this->span, self::LEFT, self::WIDTH);
    }

    /**
     * Address of the step with what is open, its board drawn otherwise.
     *
     * @param int $span months it shows
     * @param int $by months later it begins
     * @param ?string $part another part, to be opened
     */
    public function boardAddress(int $span, int $by = 0, ?string $part = null): string
    {
        return $this->bench->address('seasons?'.http_build_query([
            'open_part' => $part ?? $this->part, 'open_span' => $span, 'open_from' => YearScale::monthsLater($this->from, $by),
        ]));
    }

    /** @return list<Item> the seasons of the list, on or not */
    public function lanes(): array
    {
        return Item::listed('season', $this->bench->inspection()->look->text('seasons'));
    }

    public function season(Item $item): ?Season
    {
        foreach ($this->bench->snapshot->calendar()->seasons as $season) {
            if ($season->item === $item->name()) {
                return $season;
            }
        }

        return null;
    }

    /** The season that is open, if it is on. */
    public function open(): ?Season
    {
        $item = Item::ofPart($this->part);

        return $item === null ? null : $this->season($item);
    }

    /** A moment of the store's clock in words: Nov 27, 2026, 6:00 PM */
    public static function inWords(string $moment): string
    {
        return (new \DateTimeImmutable($moment, new \DateTimeZone('UTC')))->format('M j, Y, g:i A');
    }

    /** From when to when a season runs, in words; null for one that is off. */
    public static function datesOf(?Season $season): string
    {
        if ($season === null) {
            return 'switched off';
        }
        if ($season->starts === null && $season->ends === null) {
            return 'no dates yet';
        }

        return ($season->starts === null ? 'always' : self::inWords($season->starts)).' to '
            .($season->ends === null ? 'open' : self::inWords($season->ends)).($season->yearly ? ', every year' : '');
    }

    /** Now, on the store's clock. */
    public function now(): string
    {
        return $this->bench->localTime(now())->format('Y-m-d\TH:i');
    }

    private function firstMonth(): string
    {
        return substr($this->now(), 0, 7);
    }
}
