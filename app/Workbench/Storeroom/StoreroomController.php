<?php

declare(strict_types=1);

namespace App\Workbench\Storeroom;

use App\Http\TypedRequest;
use App\Models\Look;
use App\Models\Store;
use App\Models\User;
use App\Pictures\KeepFilm;
use App\Pictures\UnusableFilm;
use App\Storeroom\DeleteRecords;
use App\Storeroom\EditProgress;
use App\Storeroom\ForgetAddress;
use App\Storeroom\MoveRecord;
use App\Storeroom\RecordLister;
use App\Storeroom\RecordWish;
use App\Storeroom\StoreOutcome;
use App\Storeroom\StoreWriter;
use App\Storeroom\WayWish;
use App\Workbench\Shell\BenchMaker;
use App\Workbench\Shell\EditAnswer;
use Ikat\Core\Store\BulkChange;
use Ikat\Core\Store\Cell\MoneyCell;
use Ikat\Core\Store\Cell\WholeCell;
use Ikat\Core\Store\RecordKind;
use Ikat\Core\Store\RecordKinds;
use Ikat\Core\Store\RecordQuestion;
use Ikat\Core\Store\RefusedChange;
use Ikat\Core\Store\UnreadableCell;
use Ikat\Core\Store\Variants;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;

/** Edits of the Storeroom. */
final class StoreroomController
{
    /** Cells that are typed or pasted at once, and characters of them. */
    private const MOST_CELLS = 20_000;
    private const MOST_CHARACTERS = 4_000_000;

    /** Places an entry is moved at once. */
    private const FARTHEST = 100;

    public function __construct(
        private readonly BenchMaker $maker,
        private readonly StoreroomAnswer $answer,
        private readonly StoreWriter $writer,
        private readonly RecordLister $lister,
        private readonly EditProgress $progress,
    ) {}

    /** Cells as they were typed or pasted; one of them alone is refused beside its field. */
    public function cells(TypedRequest $request, int $look): Response
    {
        $found = $this->maker->look($look);
        $kind = $this->kind($request, $found);
        if ($request->has('cells')) {
            return $this->attempt($request, $found, fn(Store $store): StoreOutcome => $this->writer->edit(
                $store,
                EditAnswer::author($request),
                $this->wishes($kind, $request->word('cells', '', self::MOST_CHARACTERS)),
            ));
        }
        $column = $request->word('column', '', 40);
        $wish = new RecordWish(
            $kind->key,
            $request->id('record'),
            [$column => $request->word('value', '', 100_000)],
            $request->has('stood') ? [$column => $request->word('stood', '', 100_000)] : [],
        );

        return $this->attempt($request, $found, fn(Store $store): StoreOutcome => $this->writer->edit(
            $store,
            EditAnswer::author($request),
            [$wish],
        ), true);
    }

    /** What a field offers to what is typed in it. */
    public function names(TypedRequest $request, int $look, FieldOffers $offers): View
    {
        $kinds = RecordKinds::all($this->maker->look($look)->storefront->store->zone());
        $column = ($kinds[$request->word('open_kind')] ?? $kinds[RecordKinds::GOODS])->columns[$request->word('column', '', 40)] ?? null;
        $typed = $request->pairs('new', 40)[$column->key ?? ''] ?? $request->word('value', $request->word('picture', '', 120), 120);

        return view('workbench.storeroom.names', ['names' => $column === null ? [] : $offers->of($column, mb_substr($typed, 0, 80))]);
    }

    /** What is typed of the ways an open product comes. */
    public function ways(TypedRequest $request, int $look, WayWish $wish): Response
    {
        $found = $this->maker->look($look);
        $kind = $this->kind($request, $found);

        return $this->attempt($request, $found, fn(Store $store): StoreOutcome => $this->writer->edit(
            $store,
            EditAnswer::author($request),
            [$wish->of($kind, $request->id('record'), $request->word('part'), $request->pairs('ways', Variants::MOST))],
        ), true);
    }

    /** A film for a product, from a file. */
    public function film(TypedRequest $request, int $look, KeepFilm $keep): Response
    {
        $found = $this->maker->look($look);
        $file = $request->uploaded('file');

        return $this->attempt($request, $found, fn(Store $store): StoreOutcome => $this->writer->edit(
            $store,
            EditAnswer::author($request),
            [new RecordWish(RecordKinds::GOODS, $request->id('record'), [
                'video' => $file === null ? throw new RefusedChange('No film has arrived. Choose a file.') : $keep->take($file),
            ])],
        ), true);
    }

    /** One change to the numbers of many records: those that are named, or all that are found. */
    public function many(TypedRequest $request, int $look): Response
    {
        $found = $this->maker->look($look);
        $kind = $this->kind($request, $found);

        return $this->attempt($request, $found, function (Store $store) use ($request, $kind): StoreOutcome {
            $column = $kind->column($request->word('column', '', 40));
            $isMoney = $column->type instanceof MoneyCell;
            if ((! $isMoney && ! $column->type instanceof WholeCell) || $column->isComputed) {
                throw new RefusedChange("The $column->label is no number that can be reckoned with.");
            }
            $change = BulkChange::of($request->word('way', '', 10), $request->word('by', '', 40), $isMoney);

            return $this->writer->edit($store, EditAnswer::author($request), array_map(
                static fn(int $id): RecordWish => new RecordWish($kind->key, $id, [$column->key => $change]),
                $this->meant($request, $kind),
            ));
        });
    }

    public function add(TypedRequest $request, int $look): Response
    {
        $found = $this->maker->look($look);
        $kind = $this->kind($request, $found);
        $cells = array_intersect_key($request->pairs('new', 40), $kind->columns);

        return $this->attempt($request, $found, fn(Store $store): StoreOutcome => $this->writer->edit(
            $store,
            EditAnswer::author($request),
            [new RecordWish($kind->key, null, $cells)],
        ), true);
    }

    public function delete(TypedRequest $request, int $look, ForgetAddress $forget, DeleteRecords $delete): Response
    {
        $found = $this->maker->look($look);
        $kind = $this->kind($request, $found);
        if ($kind->key === RecordKinds::ADDRESSES) {
            return $this->attempt($request, $found, function () use ($request, $kind, $forget): StoreOutcome {
                $forget($this->meant($request, $kind));

                return new StoreOutcome(null);
            });
        }

        return $this->attempt($request, $found, fn(Store $store): StoreOutcome => $this->writer->edit(
            $store,
            EditAnswer::author($request),
            $delete->wishes($kind, $this->meant($request, $kind)),
        ));
    }

    /** How far an edit has come whose answer is waited for. */
    public function progress(TypedRequest $request, int $look): JsonResponse
    {
        $this->maker->look($look);

        return new JsonResponse($this->progress->ask($request->word('progress', '', 40)) ?? new \stdClass());
    }

    /** Earlier or later in the order that is set by hand: an entry of a menu by several places, anything else by one. */
    public function move(TypedRequest $request, int $look, MoveRecord $move): Response
    {
        $found = $this->maker->look($look);
        $kind = $this->kind($request, $found);
        $by = $request->whole('by', 1, -self::FARTHEST, self::FARTHEST);

        return $this->attempt($request, $found, fn(Store $store): StoreOutcome => $this->writer->edit(
            $store,
            EditAnswer::author($request),
            $move->wishes($kind, $request->id('record'), $by),
        ));
    }

    public function undo(TypedRequest $request, int $look): Response
    {
        return $this->attempt($request, $this->maker->look($look), fn(Store $store): StoreOutcome => new StoreOutcome(
            $this->writer->undo($store, EditAnswer::author($request), self::mayWrite($request)),
        ));
    }

    public function redo(TypedRequest $request, int $look): Response
    {
        return $this->attempt($request, $this->maker->look($look), fn(Store $store): StoreOutcome => new StoreOutcome(
            $this->writer->redo($store, EditAnswer::author($request), self::mayWrite($request)),
        ));
    }

    /**
     * @param callable(Store): StoreOutcome $write
     * @param bool $isForm whether one thing was asked for, and is refused beside its field
     */
    private function attempt(TypedRequest $request, Look $look, callable $write, bool $isForm = false): Response
    {
        $this->progress->tellTo($request->word('progress', '', 40));
        try {
            $outcome = $write($look->storefront->store);
        } catch (RefusedChange|UnreadableCell|UnusableFilm $e) {
            return EditAnswer::refuse($e->getMessage());
        }
        if ($isForm && $outcome->edit === null && $outcome->refused !== []) {
            [$refused] = $outcome->refused;

            return EditAnswer::refuse($refused->why)
                ->header('X-Column', $refused->column)
                ->header('X-Standing', $refused->standing === null ? '' : '='.rawurlencode($refused->standing));
        }
        if ($outcome->made !== []) {
            $request->merge(['open_record' => (string) $outcome->made[0]]);
        }

        return $this->answer->to($request, $look, $outcome->edit, $outcome->refused);
    }

    private function kind(TypedRequest $request, Look $look): RecordKind
    {
        $kinds = RecordKinds::all($look->storefront->store->zone());

        $kind = $kinds[$request->word('open_kind')] ?? $kinds[RecordKinds::GOODS];
        if (! self::mayWrite($request)($kind)) {
            throw new AccessDeniedHttpException();
        }

        return $kind;
    }

    /** @return \Closure(RecordKind): bool whether somebody may write a kind: what is not made in its table is the owner's alone */
    private static function mayWrite(TypedRequest $request): \Closure
    {
        $user = $request->user();
        $isOwner = $user instanceof User && $user->role->tendsPeople();

        return static fn(RecordKind $kind): bool => $kind->isMade || $isOwner;
    }

    /**
     * @param string $cells JSON: [[id, column, typed, what stood there], ...]
     *
     * @return list<RecordWish> one for each record
     */
    private function wishes(RecordKind $kind, string $cells): array
    {
        $read = json_decode($cells, true, 4);
        if (! is_array($read) || ! array_is_list($read) || count($read) > self::MOST_CELLS) {
            throw new RefusedChange('At most '.number_format(self::MOST_CELLS).' cells are changed at once. Nothing was changed.');
        }
        [$typed, $stood] = [[], []];
        foreach ($read as $cell) {
            $words = is_array($cell) ? array_slice($cell, 1) : [];
            if (count($words) !== 3 || ! is_int($cell[0] ?? null) || array_filter($words, is_string(...)) !== $words) {
                throw new RefusedChange('What was sent are no cells of a table. Nothing was changed.');
            }
            $typed[$cell[0]][$cell[1]] = $cell[2];
            $stood[$cell[0]][$cell[1]] = $cell[3];
        }

        return array_map(
            static fn(int $id): RecordWish => new RecordWish($kind->key, $id, $typed[$id], $stood[$id]),
            array_keys($typed),
        );
    }

    /** @return list<int> ids of the records that are named, or of all that are found */
    private function meant(TypedRequest $request, RecordKind $kind): array
    {
        if ($request->flag('all')) {
            $ids = $this->lister->ids($kind, RecordQuestion::of(
                $kind,
                $request->word('open_q'),
                $request->word('open_ranges'),
                $request->word('open_only'),
                '',
                '',
            ));
        } else {
            $ids = array_values(
                array_unique(array_filter(array_map(intval(...), explode(',', $request->word('ids', '', self::MOST_CHARACTERS))))),
            );
        }

        return match (true) {
            $ids === [] => throw new RefusedChange('Nothing is selected. Select rows first.'),
            count($ids) > RecordLister::MOST => throw new RefusedChange('At most '.number_format(RecordLister::MOST)
                .' records are changed at once. Narrow the table first.'),
            default => $ids,
        };
    }
}
