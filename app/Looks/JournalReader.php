<?php

declare(strict_types=1);

namespace App\Looks;

use App\Models\Edit;
use App\Models\Look;
use Ikat\Core\Look\Change;
use Ikat\Core\Look\EntryKind;
use Ikat\Core\Look\JournalLine;
use Ikat\Core\Look\LookState;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;

/** Reads a look's journal: its lines a page at a time, and what was in force at any of its points. */
final class JournalReader
{
    /** Lines of a page. */
    public const PAGE = 160;

    /** Times of going back to a point that are told, the latest. */
    private const RETURNS = 40;

    /** Lines read at a time on the way back. */
    private const STRIDE = 500;

    /**
     * @param int $until the last line of the page
     * @param string $search what a line says or who made it; empty for all
     *
     * @return list<JournalLine> the latest of them, in order
     */
    public function page(Look $look, int $until, string $search): array
    {
        $zone = $look->storefront->store->zone();
        $rows = self::matching($look, $search)
            ->where('sequence', '<=', $until)
            ->orderByDesc('sequence')
            ->limit(self::PAGE)
            ->toBase()
            ->get(['sequence', 'kind', 'of', 'label', 'author', 'created_at'])
            ->reverse();
        $lines = [];
        foreach ($rows as $row) {
            $lines[] = new JournalLine(
                (int) $row->sequence,
                EntryKind::from($row->kind),
                $row->label,
                $row->author,
                Carbon::parse($row->created_at, 'UTC')->setTimezone($zone)->format('Y-m-d\TH:i'),
                $row->of === null ? null : (int) $row->of,
            );
        }

        return $lines === [] ? [] : JournalLine::inForce($lines, ...$this->takenBack($look, $lines[0]->sequence, $until));
    }

    /** How many lines there are that say something, or in all. */
    public function count(Look $look, string $search): int
    {
        return $search === '' ? $look->head : self::matching($look, $search)->count();
    }

    /**
     * What lines changed.
     *
     * @param list<int> $sequences
     *
     * @return array<int, list<Change>>
     */
    public function changes(Look $look, array $sequences): array
    {
        $found = [];
        foreach ($look->edits()->whereIn('sequence', $sequences)->get() as $edit) {
            $found[$edit->sequence] = $edit->entry()->changes;
        }

        return $found;
    }

    /** What was in force after a line: from now backwards, so that only what came after it is read. */
    public function stateAt(Look $look, int $sequence): LookState
    {
        if ($sequence === 0) {
            return LookState::of([]);
        }
        $state = $look->ownChanges();
        for ($at = $look->head; $at > $sequence; $at = max($sequence, $at - self::STRIDE)) {
            /** @var \Illuminate\Database\Eloquent\Collection<int, Edit> $lines */
            $lines = $look
                ->edits()
                ->where('sequence', '>', max($sequence, $at - self::STRIDE))
                ->where('sequence', '<=', $at)
                ->orderByDesc('sequence')
                ->get();
            foreach ($lines as $line) {
                $state = $state->with(array_map(static fn(Change $c): Change => $c->reversed(), $line->entry()->changes));
            }
        }

        return $state;
    }

    /**
     * What came after lines and took something of them or before them back.
     *
     * @return array{array<int, EntryKind>, list<array{int, int}>} by edit: how it was spoken of last; going back: the point, and from where
     */
    private function takenBack(Look $look, int $first, int $until): array
    {
        $returns = $look->edits()->where('sequence', '>', $first)->where('kind', EntryKind::Edit->value)->whereNotNull('of')
            ->orderByDesc('sequence')->limit(self::RETURNS)->toBase()->pluck('of', 'sequence')->all();
        $spoken = $look->edits()->where('kind', '!=', EntryKind::Edit->value)
            ->where(static fn(Builder $q): Builder => $q->whereBetween('of', [$first, $until])->orWhereIn('of', array_keys($returns)))
            ->groupBy('of')->toBase()->selectRaw('max(sequence) as latest')->pluck('latest');
        $last = array_map(
            EntryKind::from(...),
            $look->edits()->whereIn('sequence', $spoken)->toBase()->pluck('kind', 'of')->all(),
        );
        $standing = [];
        foreach ($returns as $by => $point) {
            if (($last[$by] ?? null) !== EntryKind::Undo) {
                $standing[] = [(int) $point, (int) $by];
            }
        }

        return [$last, $standing];
    }

    /** @return Builder<Edit> */
    private static function matching(Look $look, string $search): Builder
    {
        $like = '%'.addcslashes($search, '\\%_').'%';

        return $look->edits()->getQuery()->when($search !== '', static fn(Builder $q): Builder => $q->where(
            static fn(Builder $any): Builder => $any->where('label', 'like', $like)->orWhere('author', 'like', $like),
        ));
    }
}
