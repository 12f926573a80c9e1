<?php

declare(strict_types=1);

namespace App\Workbench\Storeroom;

use App\Models\Category;
use App\Storeroom\ProductSearch;
use App\Storeroom\StoreReader;
use Ikat\Core\Store\Cell\PicturesCell;
use Ikat\Core\Store\Cell\RecordCell;
use Ikat\Core\Store\Cell\TargetCell;
use Ikat\Core\Store\Column;
use Ikat\Core\Store\RecordKinds;
use Illuminate\Database\Eloquent\Builder;

/** What a field of a record offers to what is typed in it: never all there is. */
final readonly class FieldOffers
{
    private const MOST = 80;

    /** Of goods, which are found from the first letters on. */
    private const FOUND = 20;

    public function __construct(private StoreReader $store) {}

    /** @return array<string, string> what can be chosen => what stands beside it */
    public function of(Column $column, string $asked): array
    {
        $type = $column->type;

        return match (true) {
            $type instanceof PicturesCell => $this->store->pictures($asked),
            $type instanceof TargetCell => array_replace(...array_values($this->store->targets($asked)) ?: [[]]),
            $type instanceof RecordCell && $type->kind === RecordKinds::GOODS => $this->names($asked === ''
                ? array_values($this->store->products())
                : ProductSearch::find($asked, self::FOUND, [])->pluck('name')->all()),
            $type instanceof RecordCell && $type->kind === RecordKinds::MENUS => $this->names(array_values(
                array_filter($this->store->menus(), static fn(string $n): bool => $asked === '' || mb_stripos($n, $asked) !== false),
            )),
            $type instanceof RecordCell => $this->names(Category::query()
                ->when($asked !== '', static fn(Builder $q) => $q->where('name', 'like', '%'.addcslashes($asked, '\\%_').'%'))
                ->orderBy('position')
                ->limit(self::MOST)
                ->pluck('name')
                ->all()),
            default => [],
        };
    }

    /**
     * @param array<int, string> $names
     *
     * @return array<string, string>
     */
    private function names(array $names): array
    {
        return array_combine($names, $names);
    }
}
