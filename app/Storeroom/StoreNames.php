<?php

declare(strict_types=1);

namespace App\Storeroom;

use App\Models\CurrentStore;
use Ikat\Core\Store\Cell\PicturesCell;
use Ikat\Core\Store\Names;
use Ikat\Core\Store\RecordKinds;
use Illuminate\Support\Facades\DB;

/** Names of categories and pictures, asked of the store once each. */
final class StoreNames implements Names
{
    /** kind => [table, column of the name, another column they are found by] */
    private const KINDS = [
        RecordKinds::CATEGORIES => ['categories', 'name', 'slug'],
        RecordKinds::MENUS => ['menus', 'name', 'slug'],
        RecordKinds::GOODS => ['products', 'name', 'slug'],
        PicturesCell::KIND => ['pictures', 'name', 'alt'],
    ];

    /** @var array<string, array<int, string>> kind => id => name */
    private array $names = [];

    /** @var array<string, array<string, ?int>> kind => what was asked for, in small letters => id */
    private array $ids = [];

    public function __construct(private readonly CurrentStore $current) {}

    public function idOf(string $kind, string $called): ?int
    {
        [$table, $name, $other] = self::KINDS[$kind];

        return $this->ids[$kind][mb_strtolower($called)] ??= DB::table($table)
            ->where('store_id', $this->current->id())
            ->when($kind === PicturesCell::KIND, static fn($q) => $q->whereNull('deleted_at'))
            ->where(static fn($q) => $q->where($name, $called)->orWhere($other, $called))
            // What is called so comes before what is only found by it.
            ->orderByRaw("$name = ? desc, id", [$called])
            ->value('id');
    }

    public function nameOf(string $kind, int $id): string
    {
        if (! isset($this->names[$kind][$id])) {
            $this->learn($kind, [$id]);
        }

        return $this->names[$kind][$id];
    }

    /**
     * Asks for many at once: a table asks for each of its rows.
     *
     * @param array<int> $ids
     */
    public function learn(string $kind, array $ids): void
    {
        $ids = array_values(array_diff(array_unique($ids), array_keys($this->names[$kind] ?? [])));
        if ($ids === []) {
            return;
        }
        [$table, $name] = self::KINDS[$kind];
        $found = DB::table($table)->where('store_id', $this->current->id())->whereIn('id', $ids)->pluck($name, 'id')->all();
        $this->names[$kind] = ($this->names[$kind] ?? []) + $found + array_fill_keys($ids, '');
    }
}
