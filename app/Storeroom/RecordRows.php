<?php

declare(strict_types=1);

namespace App\Storeroom;

use App\Models\CurrentStore;
use App\Models\Product;
use Ikat\Core\Store\Cell\CellType;
use Ikat\Core\Store\Cell\DiscountCell;
use Ikat\Core\Store\Cell\MoneyCell;
use Ikat\Core\Store\Cell\PercentCell;
use Ikat\Core\Store\Cell\PicturesCell;
use Ikat\Core\Store\Cell\RecordCell;
use Ikat\Core\Store\Cell\SwitchCell;
use Ikat\Core\Store\Cell\WholeCell;
use Ikat\Core\Store\Column;
use Ikat\Core\Store\Goods;
use Ikat\Core\Store\RecordKind;
use Ikat\Core\Store\RecordKinds;
use Ikat\Core\Store\RefusedChange;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * Records of the Storeroom as rows of the signed-in store: read as the values their columns hold, and written from them.
 *
 * @phpstan-import-type Value from CellType
 */
final class RecordRows
{
    private const TABLES = [
        RecordKinds::GOODS => 'products', RecordKinds::PICTURES => 'pictures', RecordKinds::CATEGORIES => 'categories',
        RecordKinds::MENUS => 'menus', RecordKinds::ENTRIES => 'menu_entries',
        RecordKinds::PAGES => 'pages', RecordKinds::DOCUMENTS => 'documents', RecordKinds::WORDS_SAID => 'translations',
        RecordKinds::REVIEWS => 'reviews', RecordKinds::CODES => 'promotion_codes', RecordKinds::DELIVERY => 'delivery_offers',
        RecordKinds::TAXES => 'tax_rates',
        RecordKinds::ADDRESSES => 'letters', RecordKinds::ORDERS => 'orders', RecordKinds::STOREFRONTS => 'storefronts',
        RecordKinds::STORE => 'stores',
    ];

    /** What keeps leading to a record after its address has become another. */
    private const LED_ON = [RecordKinds::GOODS, RecordKinds::CATEGORIES, RecordKinds::PAGES, RecordKinds::DOCUMENTS];

    /** What is counted for each record of a kind: the column, and how. */
    public const COUNTED = [
        RecordKinds::PICTURES => ['uses', '((select count(*) from products p'
            .' where p.store_id = pictures.store_id and p.picture_id = pictures.id)'
            .' + (select count(*) from product_pictures pp where pp.picture_id = pictures.id))'],
        RecordKinds::MENUS => ['entries', '(select count(*) from menu_entries e where e.menu_id = menus.id)'],
    ];

    /** Kind => what stands on its records: table, column, one and many of it, what to do first. */
    private const NEEDED = [
        RecordKinds::CATEGORIES => [
            ['products', 'category_id', 'product stands', 'products stand', 'in it. Give them another category first.'],
            ['product_categories', 'category_id', 'product also stands', 'products also stand', 'in it. Take them out of it first.'],
            ['categories', 'parent_id', 'category stands', 'categories stand', 'within it. Take them out of it first.'],
            ['promotion_codes', 'category_id', 'code counts', 'codes count', 'on it alone. Give them another category first.'],
        ],
        RecordKinds::MENUS => [
            ['menu_entries', 'menu_id', 'entry stands', 'entries stand', 'in it. Delete them first, or give them another menu.'],
        ],
    ];

    public function __construct(private readonly CurrentStore $current, private readonly PictureUses $uses) {}

    /** The rows of a kind, of this store alone. */
    public function query(RecordKind $kind): Builder
    {
        $table = self::TABLES[$kind->key];

        return DB::table($table)
            ->where($kind->key === RecordKinds::STORE ? 'stores.id' : "$table.store_id", $this->current->id())
            ->when($kind->key === RecordKinds::PICTURES, static fn(Builder $q) => $q->whereNull('deleted_at'));
    }

    /**
     * @param list<int> $ids
     * @param bool $isLocked whether nobody else may write them until the transaction ends
     *
     * @return array<int, array<string, Value>> id => key of a column => its value; those that are not there left out
     */
    public function read(RecordKind $kind, array $ids, bool $isLocked = false): array
    {
        if ($ids === []) {
            return [];
        }
        $query = $this->query($kind)->whereIn('id', $ids)->orderBy('id');
        if (isset(self::COUNTED[$kind->key])) {
            [$column, $sql] = self::COUNTED[$kind->key];
            $query->selectRaw(self::TABLES[$kind->key].".*, $sql as $column");
        }
        $rows = ($isLocked ? $query->lockForUpdate() : $query)->get();
        $isGoods = $kind->key === RecordKinds::GOODS;
        $more = $isGoods ? $this->morePictures($ids) : [];
        $categories = $isGoods ? $this->moreCategories($ids) : [];
        $read = [];
        foreach ($rows as $row) {
            $row = (array) $row;
            $row[Goods::MORE_CATEGORIES] = json_encode($categories[$row['id']] ?? []);
            $row['pictures'] = $kind->key === RecordKinds::PICTURES ? [(int) $row['id']] : [
                ...(isset($row['picture_id']) ? [(int) $row['picture_id']] : []),
                ...$more[$row['id']] ?? [],
            ];
            $read[(int) $row['id']] = array_map(static fn(Column $c) => self::value($c, $row), $kind->columns);
        }

        return $read;
    }

    /**
     * @param non-empty-list<array<string, Value>> $records values of every column that can be typed
     * @param list<int> $ids those they had; 0 for a new one
     *
     * @return non-empty-list<int> their ids, in that order
     */
    public function insert(RecordKind $kind, array $records, array $ids): array
    {
        $table = self::TABLES[$kind->key];
        if ($kind->key === RecordKinds::PICTURES) {
            // One that was deleted comes back with the files it had.
            DB::table($table)->where('store_id', $this->current->id())->whereIn('id', $ids)->update(['deleted_at' => null]);

            return $ids;
        }
        $own = ['store_id' => $this->current->id(), 'created_at' => now(), 'updated_at' => now()];
        $rows = array_map(fn(array $values): array => [...$this->written($kind, $values, $values), ...$own], $records);
        if (array_filter($ids) === []) {
            DB::table($table)->insert($rows);
            // One statement gives them ids in a row (innodb_autoinc_lock_mode below 2, as it is unless somebody changes it).
            $first = (int) DB::getPdo()->lastInsertId();
            $ids = range($first, $first + count($rows) - 1);
        } else {
            DB::table($table)->insert(array_map(static fn(array $row, int $id): array => ['id' => $id, ...$row], $rows, $ids));
        }
        foreach ($records as $i => $values) {
            $this->keepAround($kind, $ids[$i], $values);
        }

        return $ids;
    }

    /**
     * @param array<string, Value> $values those that change
     * @param array<string, Value> $whole the record as it becomes
     */
    public function update(RecordKind $kind, int $id, array $values, array $whole): void
    {
        if (isset($values['slug']) && in_array($kind->key, self::LED_ON, true)) {
            $this->leadOn($kind, $id);
        }
        $this->query($kind)->where('id', $id)->update([...$this->written($kind, $values, $whole), 'updated_at' => now()]);
        $this->keepAround($kind, $id, $values);
    }

    /**
     * @param list<int> $ids
     *
     * @throws RefusedChange when something else stands on them
     */
    public function delete(RecordKind $kind, array $ids): void
    {
        self::refuseNeeded($kind, $ids);
        if ($kind->key === RecordKinds::GOODS && DB::table('promotion_codes')->whereIn('gift_id', $ids)->exists()) {
            throw new RefusedChange('A code gives it as a gift. Let the code give something else first.');
        }
        if ($kind->key === RecordKinds::GOODS) {
            DB::table('cart_lines')->whereIn('product_id', $ids)->delete();
        }
        if ($kind->key === RecordKinds::DELIVERY) {
            DB::table('carts')->whereIn('delivery_offer_id', $ids)->update(['delivery_offer_id' => null]);
        }
        if ($kind->key === RecordKinds::PICTURES) {
            foreach ($this->query($kind)->whereIn('id', $ids)->pluck('name', 'id') as $id => $name) {
                $need = $this->uses->need((int) $id, (string) $name);
                if ($need !== null) {
                    throw new RefusedChange($need);
                }
            }
            $this->query($kind)->whereIn('id', $ids)->update(['deleted_at' => now()]);

            return;
        }
        $this->query($kind)->whereIn('id', $ids)->delete();
    }

    /**
     * @param list<int> $ids
     *
     * @throws RefusedChange when something stands on one of them
     */
    private static function refuseNeeded(RecordKind $kind, array $ids): void
    {
        foreach (self::NEEDED[$kind->key] ?? [] as [$table, $column, $one, $many, $remedy]) {
            $standing = DB::table($table)->whereIn($column, $ids)->count();
            if ($standing > 0) {
                throw new RefusedChange("$standing ".($standing === 1 ? $one : $many)." $remedy");
            }
        }
    }

    /**
     * @param list<string> $values of what no two may share
     *
     * @return array<int, string> id => value of those that have one of them
     */
    public function holders(RecordKind $kind, array $values): array
    {
        return $this->apart($kind)->whereIn((string) $kind->unique, $values)->pluck((string) $kind->unique, 'id')->all();
    }

    /** Whether another record has what no two may share. */
    public function isTaken(RecordKind $kind, string $value, ?int $butNot): bool
    {
        return $this->apart($kind)
            ->where((string) $kind->unique, $value)
            ->when($butNot !== null, static fn(Builder $q) => $q->where('id', '!=', $butNot))
            ->exists();
    }

    /** The rows among which no two may share: addresses of storefronts are apart from those of every other store's, too. */
    private function apart(RecordKind $kind): Builder
    {
        return $kind->key === RecordKinds::STOREFRONTS ? DB::table('storefronts') : $this->query($kind);
    }

    /** The record an address led to before it became another; null for none. */
    public static function formerly(CurrentStore $current, string $kind, string $slug): ?int
    {
        return DB::table('former_addresses')->where(['store_id' => $current->id(), 'kind' => $kind, 'slug' => $slug])->value('record_id');
    }

    /**
     * @param list<int> $ids of products
     *
     * @return array<int, list<int>> id of the product => ids of its pictures after the first, in order
     */
    private function morePictures(array $ids): array
    {
        $more = [];
        foreach (DB::table('product_pictures')->whereIn('product_id', $ids)->orderBy('position')->orderBy('id')->get() as $row) {
            $more[(int) $row->product_id][] = (int) $row->picture_id;
        }

        return $more;
    }

    /**
     * @param list<int> $ids of products
     *
     * @return array<int, list<int>> id of the product => ids of its categories after the first, in order
     */
    private function moreCategories(array $ids): array
    {
        $more = [];
        foreach (DB::table('product_categories')->whereIn('product_id', $ids)->orderBy('position')->orderBy('id')->get() as $row) {
            $more[(int) $row->product_id][] = (int) $row->category_id;
        }

        return $more;
    }

    private function leadOn(RecordKind $kind, int $id): void
    {
        $slug = $this->query($kind)->where('id', $id)->value('slug');
        DB::table('former_addresses')->upsert(
            [['store_id' => $this->current->id(), 'kind' => $kind->key, 'slug' => $slug, 'record_id' => $id]],
            ['store_id', 'kind', 'slug'],
            ['record_id'],
        );
    }

    /**
     * What a product has several of stands beside its row.
     *
     * @param array<string, Value> $values
     */
    private function keepAround(RecordKind $kind, int $id, array $values): void
    {
        if ($kind->key !== RecordKinds::GOODS) {
            return;
        }
        $this->keepPictures($id, $values);
        $categories = $values[Goods::MORE_CATEGORIES] ?? null;
        if (is_array($categories)) {
            DB::table('product_categories')->where('product_id', $id)->delete();
            DB::table('product_categories')->insert(array_map(
                static fn(int $place, int|string $category): array => [
                    'product_id' => $id, 'category_id' => (int) $category, 'position' => $place + 1,
                ],
                array_keys($categories),
                $categories,
            ));
        }
    }

    /** @param array<string, Value> $values */
    private function keepPictures(int $id, array $values): void
    {
        $pictures = $values['pictures'] ?? null;
        if (! is_array($pictures)) {
            return;
        }
        DB::table('product_pictures')->where('product_id', $id)->delete();
        DB::table('product_pictures')->insert(array_map(
            static fn(int $place, int|string $picture): array => [
                'product_id' => $id, 'picture_id' => (int) $picture, 'position' => $place + 1,
            ],
            array_keys(array_slice($pictures, 1)),
            array_slice($pictures, 1),
        ));
    }

    /**
     * @param array<string, mixed> $row
     *
     * @return Value
     */
    private static function value(Column $column, array $row): int|string|bool|array|null
    {
        $value = $row[$column->key] ?? null;

        return match (true) {
            $column->type instanceof DiscountCell => ['kind' => (string) $row['kind'], 'value' => (int) $row['value']],
            $column->type instanceof PicturesCell => $row['pictures'],
            $column->type->nothing() === [] => json_decode((string) ($value ?? '[]'), true, 4, JSON_THROW_ON_ERROR),
            $column->type instanceof SwitchCell => (bool) $value,
            $value === null => $column->type->nothing() === '' ? '' : null,
            $column->type instanceof MoneyCell, $column->type instanceof WholeCell, $column->type instanceof RecordCell,
            $column->type instanceof PercentCell => (int) $value,
            default => (string) $value,
        };
    }

    /**
     * @param array<string, Value> $values
     * @param array<string, Value> $whole
     *
     * @return array<string, int|string|bool|null>
     */
    private function written(RecordKind $kind, array $values, array $whole): array
    {
        $row = [];
        foreach ($values as $key => $value) {
            $type = $kind->columns[$key]->type;
            if ($key === Goods::MORE_CATEGORIES) {
                continue;
            }
            if (! is_array($value)) {
                $row[$key] = $value;
            } elseif ($type instanceof DiscountCell) {
                $row = [...$row, ...$value];
            } elseif ($type instanceof PicturesCell) {
                $row['picture_id'] = isset($value[0]) ? (int) $value[0] : null;
            } else {
                $row[$key] = json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
            }
        }

        return $kind->key === RecordKinds::GOODS ? [...$row, ...Product::following($whole)] : $row;
    }
}
