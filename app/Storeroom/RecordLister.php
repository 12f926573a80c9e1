<?php

declare(strict_types=1);

namespace App\Storeroom;

use App\Models\CurrentStore;
use Ikat\Core\Find\SearchTerms;
use Ikat\Core\Store\Cell\CellType;
use Ikat\Core\Store\Cell\ChoiceCell;
use Ikat\Core\Store\Cell\LanguageCell;
use Ikat\Core\Store\Cell\PicturesCell;
use Ikat\Core\Store\Cell\RecordCell;
use Ikat\Core\Store\Cell\RecordsCell;
use Ikat\Core\Store\Cell\VariantsCell;
use Ikat\Core\Store\Column;
use Ikat\Core\Store\Goods;
use Ikat\Core\Store\Histogram;
use Ikat\Core\Store\RecordKind;
use Ikat\Core\Store\RecordKinds;
use Ikat\Core\Store\RecordQuestion;
use Ikat\Core\Store\Variant;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

/**
 * Finds records of the Storeroom, a page at a time.
 *
 * @phpstan-import-type Value from CellType
 */
final class RecordLister
{
    /** Rows of a page. */
    public const PAGE = 40;

    /** Records one edit changes at once. */
    public const MOST = 20_000;

    private const SECONDS = 86_400;

    /** Goods among which words are looked for one by one. */
    private const LOOKED_THROUGH = 2000;

    /** Bytes of all files of a picture from which it is heavy (common practice, no source). */
    private const HEAVY = 800_000;

    /** px a product's first picture is shown at on its page, on a screen of 1280. */
    private const SHOWN_WIDE = 740;

    public function __construct(
        private readonly RecordRows $rows,
        private readonly StoreNames $names,
        private readonly CurrentStore $current,
        private readonly TouchedColumns $touched,
        private readonly PictureUses $uses,
    ) {}

    /** @return array<int, array<string, Value>> id => record, in order; the names they speak of are known after it */
    public function page(RecordKind $kind, RecordQuestion $asked): array
    {
        $ids = $this->amongTheFirst($kind, $asked)
            ?? $this->ordered($kind, $asked)->offset(self::PAGE * ($asked->page - 1))->limit(self::PAGE)->pluck('id')->all();

        return $this->inOrder($kind, array_map(intval(...), $ids));
    }

    /**
     * A page of what is found by words, where the first goods fill it: the index gathers all that has a common word before it gives any.
     *
     * @return ?list<int> null where they do not, or something else is asked
     */
    private function amongTheFirst(RecordKind $kind, RecordQuestion $asked): ?array
    {
        $words = $kind->key === RecordKinds::GOODS ? SearchTerms::asked($asked->words) : [];
        if ($words === [] || $asked->ranges !== [] || $asked->only !== null || $asked->sort !== '') {
            return null;
        }
        $first = $this->rows->query($kind)->orderBy('position')->orderBy('id')->limit(self::LOOKED_THROUGH)
            ->select(['id', 'position', 'search_terms']);
        $found = DB::query()->fromSub($first, 'first_goods')->orderBy('position')->orderBy('id');
        foreach ($words as $word) {
            $found->whereRaw("concat(' ', search_terms) like ?", ["% $word%"]);
        }
        $ids = $found->offset(self::PAGE * ($asked->page - 1))->limit(self::PAGE)->pluck('id')->all();

        return count($ids) === self::PAGE ? array_map(intval(...), $ids) : null;
    }

    /**
     * @param list<int> $ids
     *
     * @return array<int, array<string, Value>> id => record
     */
    public function inOrder(RecordKind $kind, array $ids): array
    {
        $rows = $this->rows->read($kind, $ids);
        $rows = array_intersect_key(array_replace(array_flip($ids), $rows), $rows);
        foreach ($kind->columns as $key => $column) {
            if ($column->type instanceof RecordCell) {
                $this->names->learn($column->type->kind, array_filter(array_column($rows, $key), is_int(...)));
            } elseif ($column->type instanceof RecordsCell) {
                $this->names->learn($column->type->kind, array_map(intval(...), array_merge(...array_column($rows, $key))));
            } elseif ($column->type instanceof VariantsCell) {
                $this->names->learn(PicturesCell::KIND, array_merge(...array_map(self::picturesOfWays(...), array_values($rows))));
            } elseif ($column->type instanceof PicturesCell) {
                $this->names->learn(PicturesCell::KIND, array_map(intval(...), array_merge(...array_column($rows, $key))));
            }
        }

        return $rows;
    }

    /**
     * @param array<string, Value> $row of a product
     *
     * @return list<int>
     */
    private static function picturesOfWays(array $row): array
    {
        return array_values(array_filter(array_map(static fn(Variant $v): ?int => $v->picture, Goods::variants($row)->named)));
    }

    /** @return array<int, string> id => name of records that are called something like this */
    public function called(RecordKind $kind, string $asked, int $most): array
    {
        if ($kind->key === RecordKinds::GOODS) {
            return ProductSearch::find($asked, $most, [])->pluck('name', 'id')->all();
        }

        return $this->rows->query($kind)
            ->where($kind->name, 'like', '%'.addcslashes($asked, '\\%_').'%')
            ->orderBy('id')
            ->limit($most)
            ->pluck($kind->name, 'id')
            ->all();
    }

    /** How many there are: counted once until the Storeroom changes. */
    public function count(RecordKind $kind, RecordQuestion $asked): int
    {
        if (($asked->only[0] ?? '') === 'check') {
            // It follows from what other records and looks show.
            return $this->matching($kind, $asked)->count();
        }

        return Cache::remember(
            $this->cacheKey('count', $kind, $asked, []),
            self::SECONDS,
            fn(): int => $this->matching($kind, $asked)->count(),
        );
    }

    /**
     * All that are found, a piece at a time, in the order of the table.
     *
     * @return iterable<list<int>>
     */
    public function everyId(RecordKind $kind, RecordQuestion $asked, int $piece): iterable
    {
        for ($from = 0; ; $from += $piece) {
            $ids = $this->ordered($kind, $asked)->offset($from)->limit($piece)->pluck('id')->all();
            if ($ids === []) {
                return;
            }
            yield array_map(intval(...), $ids);
        }
    }

    /**
     * The ids of all that are found, for an edit of them all.
     *
     * @return list<int> at most MOST + 1
     */
    public function ids(RecordKind $kind, RecordQuestion $asked): array
    {
        return array_map(intval(...), $this->matching($kind, $asked)->orderBy('id')->limit(self::MOST + 1)->pluck('id')->all());
    }

    /**
     * How the numbers of a column lie among what is found without its own range.
     *
     * @return ?Histogram null where there is no number
     */
    public function histogram(RecordKind $kind, Column $column, RecordQuestion $asked): ?Histogram
    {
        if (! $kind->isNumber($column->key)) {
            return null;
        }
        $others = $asked->within($column->key, null);
        $found = Cache::remember(
            $this->cacheKey("bars $column->key", $kind, $others, [$column->key]),
            self::SECONDS,
            fn(): array => $this->bars($kind, $column->key, $others),
        );

        return $found === [] ? null : Histogram::of($found[0], $found[1]);
    }

    /** The page a record stands on in the order that is set by hand; the first where it is not among what is found. */
    public function pageOf(RecordKind $kind, RecordQuestion $asked, int $id): int
    {
        $place = $kind->place === '' ? 'id' : $kind->place;
        $at = $this->matching($kind, $asked)->where('id', $id)->value($place);
        $before = $at === null ? 0 : $this->matching($kind, $asked)->where(static fn(Builder $q) => $q->where($place, '<', $at)->orWhere(
            static fn(Builder $same) => $same->where($place, $at)->where('id', '<', $id),
        ))->count();

        return 1 + intdiv($before, self::PAGE);
    }

    /** @return array{}|array{array{from: int, step: int, bars: int}, array<int, int>} */
    private function bars(RecordKind $kind, string $column, RecordQuestion $asked): array
    {
        $ends = $this->matching($kind, $asked)->selectRaw("min($column) as least, max($column) as most")->first();
        if ($ends === null || $ends->least === null) {
            return [];
        }
        $scale = Histogram::scale((int) $ends->least, (int) $ends->most);
        $counts = $this->matching($kind, $asked)->whereNotNull($column)
            ->selectRaw("floor((cast($column as signed) - ?) / ?) as bar, count(*) as many", [$scale['from'], $scale['step']])
            ->groupBy('bar')->pluck('many', 'bar')->all();

        return [$scale, array_map(intval(...), $counts)];
    }

    private function ordered(RecordKind $kind, RecordQuestion $asked): Builder
    {
        $query = $this->matching($kind, $asked);
        if ($asked->sort !== '') {
            $by = $kind->columns[$asked->sort]->type instanceof PicturesCell
                ? ($kind->isUploaded ? 'id' : 'picture_id')
                : $this->sorted($kind, $kind->columns[$asked->sort]);

            return $query->orderByRaw("$by ".($asked->isDown ? 'desc' : 'asc'))->orderBy('id');
        }
        if ($kind->key === RecordKinds::ENTRIES) {
            $query->orderBy('menu_id');
        }

        if ($kind->key === RecordKinds::PICTURES) {
            return $query->orderByDesc('id');
        }
        if ($kind->key === RecordKinds::WORDS_SAID) {
            // What is still to be said comes first, what nobody sees any more last.
            return $query->orderByRaw("field(said, 'missing', 'said', 'unused')")->orderBy('language')->orderBy('used_in')->orderBy('id');
        }

        return $query->when($kind->place !== '', static fn(Builder $q) => $q->orderBy($kind->place))->orderBy('id');
    }

    private function sorted(RecordKind $kind, Column $column): string
    {
        return match ($column->key) {
            'discount' => 'value',
            RecordRows::COUNTED[$kind->key][0] ?? null => RecordRows::COUNTED[$kind->key][1],
            default => $column->key,
        };
    }

    private function matching(RecordKind $kind, RecordQuestion $asked): Builder
    {
        $query = $this->rows->query($kind);
        if ($asked->words !== '') {
            $this->search($query, $kind, $asked->words);
        }
        foreach ($asked->ranges as $key => $range) {
            $query->whereBetween($key, $range);
        }
        if ($asked->only !== null) {
            [$key, $written] = $asked->only;
            if ($key === 'check') {
                return $this->checked($query, $written);
            }
            $type = $kind->columns[$key]->type;
            $value = match (true) {
                $type instanceof RecordCell => $this->names->idOf($type->kind, $written) ?? 0,
                $type instanceof ChoiceCell => array_search($written, $type->choices, true),
                $type instanceof LanguageCell => LanguageCell::code($written) ?? '',
                default => $written,
            };
            $query->where($key, $value);
        }

        return $query;
    }

    /** Pictures with which something is wrong. */
    private function checked(Builder $query, string $written): Builder
    {
        return match (array_search($written, RecordKinds::PICTURE_CHECKS, true)) {
            'unused' => $query->whereRaw(RecordRows::COUNTED[RecordKinds::PICTURES][1].' = 0')->whereNotIn('name', $this->uses->inLooks())
                ->whereNotIn('id', $this->uses->inWays())
                ->whereNotExists(static fn(Builder $q) => $q->from('categories')->whereColumn('picture_id', 'pictures.id')->selectRaw('1'))
                ->whereNotExists(
                    static fn(Builder $q) => $q->from('menu_entries')->whereColumn('picture_id', 'pictures.id')->selectRaw('1'),
                ),
            'undescribed' => $query->where('alt', ''),
            'heavy' => $query->where('bytes', '>', self::HEAVY),
            'small' => $query->where('width', '<', self::SHOWN_WIDE)->whereExists(
                static fn(Builder $q) => $q->from('products')->whereColumn('products.picture_id', 'pictures.id')->selectRaw('1'),
            ),
            default => $query->whereRaw('false'),
        };
    }

    private function search(Builder $query, RecordKind $kind, string $words): void
    {
        $like = '%'.addcslashes($words, '\\%_').'%';
        $terms = $kind->key === RecordKinds::GOODS ? SearchTerms::asked($words) : [];
        if ($terms !== []) {
            $query->whereRaw('match (search_terms) against (? in boolean mode)', [SearchTerms::question($words)]);

            return;
        }
        $query->where(static function (Builder $q) use ($kind, $like): void {
            foreach (['slug', $kind->name, 'words', 'target', 'body', 'alt'] as $key) {
                if (isset($kind->columns[$key])) {
                    $q->orWhere($key, 'like', $like);
                }
            }
        });
    }

    /**
     * What is kept under it holds as long as no column it depends on is written.
     *
     * @param list<string> $columns it depends on besides those that are asked about
     */
    private function cacheKey(string $what, RecordKind $kind, RecordQuestion $asked, array $columns): string
    {
        $written = [...$asked->onPage(1)->written(), 'sort' => ''];
        $columns = [...$columns, ...array_keys($asked->ranges), ...($asked->only === null ? [] : [$asked->only[0]])];
        $touched = $this->touched->last($kind->key, $asked->words === '' ? $columns : array_keys($kind->columns));

        return "storeroom $what $kind->key {$this->current->id()} $touched ".hash('xxh128', json_encode($written, JSON_THROW_ON_ERROR));
    }
}
