<?php

declare(strict_types=1);

namespace App\Storeroom;

use App\Models\Category;
use App\Models\CurrentStore;
use App\Models\Document;
use App\Models\Menu;
use App\Models\Page;
use App\Models\Picture;
use App\Models\Product;
use App\Models\Storefront;
use Ikat\Core\Check\StoreContents;
use Ikat\Core\Look\ResolvedLook;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Query\Builder as QueryBuilder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** Reads of the store what a look points at, and what a link or a list may be set to: never the whole of it. */
final class StoreReader
{
    /** Products, categories or pictures offered at once; more are found by their names. */
    private const OFFERED = 80;

    /** @var array<string, mixed> what was offered, by what was asked: a panel asks for each of its fields */
    private array $offered = [];

    public function __construct(private readonly CurrentStore $current) {}

    /** @param Storefront $storefront whose look it is */
    public function contents(ResolvedLook $look, Storefront $storefront): StoreContents
    {
        $asked = StoreContents::asked($look);
        $menus = self::entries();
        $leads = static fn(Collection $of): array => array_values($of->pluck('target')->filter()->all());
        $linked = [
            ...$asked['addresses'],
            ...array_map(
                static fn(string $target): string => (string) strtok($target, '?'),
                array_merge(...array_values($menus->map($leads)->all())),
            ),
        ];
        $pages = Page::query()->orderBy('id')->toBase()->get(['slug', 'title', 'policy']);
        $there = $this->there($storefront, $linked, $asked['products'], $asked['pictures']);

        return new StoreContents(
            $pages->mapWithKeys(static fn(object $p): array => ["/page/$p->slug" => $p->title])->all(),
            [
                ...array_keys(StoreContents::FIXED),
                ...$pages->map(static fn(object $p): string => "/page/$p->slug")->all(),
                ...$there['address'],
            ],
            $menus->map($leads)->all(),
            $there['picture'],
            $there['product'],
            count($storefront->sellsTo()) ?: 1,
            $storefront->store->time_zone,
            array_values(
                $pages
                    ->filter(static fn(object $p): bool => (bool) $p->policy)
                    ->map(static fn(object $p): string => "/page/$p->slug")
                    ->all(),
            ),
            $menus->map(static fn(Collection $of): string => $of->first()->name)->all(),
            array_map(static fn(string $slug): string => "/product/$slug", $there['gone']),
        );
    }

    /** @return Collection<string, Collection<int, \stdClass>> key of each menu => its name and where its entries lead, null for none */
    private static function entries(): Collection
    {
        return Menu::query()
            ->leftJoin('menu_entries', 'menu_entries.menu_id', '=', 'menus.id')
            ->orderBy('menus.id')
            ->orderBy('position')
            ->orderBy('menu_entries.id')
            ->toBase()
            ->get(['slug', 'name', 'target'])
            ->groupBy('slug');
    }

    /** @return array<string, list<string>> key of each menu => where its entries lead */
    public function targetsOfMenus(): array
    {
        return self::entries()->map(static fn(Collection $of): array => array_values($of->pluck('target')->filter()->all()))->all();
    }

    /**
     * What of these a storefront shows.
     *
     * @param list<string> $addresses
     * @param list<string> $products slugs
     *
     * @return array{address: list<string>, product: list<string>}
     */
    public function shownIn(Storefront $storefront, array $addresses, array $products): array
    {
        $there = $this->there($storefront, $addresses, $products, []);
        $pages = Page::query()->toBase()->pluck('slug')->map(static fn(string $slug): string => "/page/$slug")->all();

        return [
            'address' => [...array_keys(StoreContents::FIXED), ...array_values($pages), ...$there['address']],
            'product' => $there['product'],
        ];
    }

    /** @return array<string, string> key => name of every menu */
    public function menus(): array
    {
        return $this->offered['menus'] ??= Menu::query()->orderBy('id')->pluck('name', 'slug')->all();
    }

    /**
     * What a link may be set to, found by what somebody typed of it; the first of each kind where nothing was typed.
     *
     * @return array<string, array<string, string>> group => address => title
     */
    public function targets(string $asked = ''): array
    {
        return $this->offered["target $asked"] ??= array_filter([
            ...$this->pagesAndCategories($asked),
            'Documents' => Document::query()
                ->when($asked !== '', static fn(Builder $q) => $q->where('name', 'like', self::like($asked)))
                ->orderBy('name')
                ->limit(self::OFFERED)
                ->pluck('name', 'slug')
                ->mapWithKeys(static fn(string $name, string $slug): array => ["/document/$slug" => $name])
                ->all(),
            'Products' => array_combine(
                array_map(static fn(string $slug): string => "/product/$slug", array_keys($this->products($asked))),
                array_values($this->products($asked)),
            ),
        ]);
    }

    /** @return array<string, array<string, string>> group => address => title */
    public function pagesAndCategories(string $asked = ''): array
    {
        $matches = static fn(string $title): bool => $asked === '' || mb_stripos($title, $asked) !== false;
        $pages = Page::query()
            ->orderBy('id')
            ->pluck('title', 'slug')
            ->mapWithKeys(static fn(string $title, string $slug): array => ["/page/$slug" => $title])
            ->all();

        return array_filter([
            'Pages' => array_filter([...StoreContents::FIXED, ...$pages], $matches),
            'Categories' => Category::query()
                ->when($asked !== '', static fn(Builder $q) => $q->where('name', 'like', self::like($asked)))
                ->orderBy('position')
                ->limit(self::OFFERED)
                ->pluck('name', 'slug')
                ->mapWithKeys(static fn(string $name, string $slug): array => ["/category/$slug" => $name])->all(),
        ]);
    }

    /** The title of what an address leads to; null when it leads to nothing. */
    public function titleOf(string $address): ?string
    {
        [$path] = explode('?', $address, 2);
        [, $kind, $slug] = explode('/', $path, 3) + ['', '', ''];

        return StoreContents::FIXED[$path] ?? match ($kind) {
            'page' => Page::query()->where('slug', $slug)->value('title'),
            'category' => Category::query()->where('slug', $slug)->value('name'),
            'document' => Document::query()->where('slug', $slug)->value('name'),
            'product' => Product::query()->where('slug', $slug)->value('name'),
            default => null,
        };
    }

    /** Whether there is more of a kind than is offered at once. */
    public function hasMore(string $kind): bool
    {
        return $this->offered["more $kind"] ??= (
            $kind === 'picture'
                ? Picture::query()->offset(self::OFFERED)->limit(1)->exists()
                : Product::query()->offset(self::OFFERED)->limit(1)->exists()
        );
    }

    /** @return array<string, string> slug => name of products found by what somebody typed, in order of the shelves */
    public function products(string $asked = ''): array
    {
        return $this->offered["product $asked"] ??= Product::query()
            ->when($asked !== '', static fn(Builder $q) => $q->where('name', 'like', self::like($asked)))
            ->orderBy('position')
            ->orderBy('id')
            ->limit(self::OFFERED)
            ->pluck('name', 'slug')
            ->all();
    }

    /** @return array<string, string> name => alternative text of pictures found by what somebody typed, the latest first */
    public function pictures(string $asked = ''): array
    {
        return $this->offered["picture $asked"] ??= Picture::query()
            ->when(
                $asked !== '',
                static fn(Builder $q) => $q->where('alt', 'like', self::like($asked))->orWhere('name', 'like', self::like($asked)),
            )
            ->orderByDesc('id')
            ->limit(self::OFFERED)
            ->pluck('alt', 'name')
            ->all();
    }

    /**
     * @param list<string> $slugs
     *
     * @return array<string, string> slug => name of those that are there
     */
    public function productNames(array $slugs): array
    {
        return $slugs === [] ? [] : Product::query()->whereIn('slug', $slugs)->pluck('name', 'slug')->all();
    }

    /**
     * @param list<string> $names
     *
     * @return array<string, string> name => alternative text of those that are there
     */
    public function pictureNames(array $names): array
    {
        return $names === [] ? [] : Picture::query()->whereIn('name', $names)->pluck('alt', 'name')->all();
    }

    /**
     * Which of these are there, in one question: an edit asks it each time.
     *
     * @param list<string> $addresses
     * @param list<string> $products slugs
     * @param list<string> $pictures names
     *
     * @return array{address: list<string>, product: list<string>, picture: list<string>, gone: list<string>}
     */
    private function there(Storefront $storefront, array $addresses, array $products, array $pictures): array
    {
        $in = static fn(string $prefix): array => array_values(array_unique(array_map(
            static fn(string $a): string => substr($a, strlen($prefix)),
            array_filter($addresses, static fn(string $a): bool => str_starts_with($a, $prefix)),
        )));
        $of = fn(string $kind, string $table, string $column, array $names): QueryBuilder => DB::table($table)
            ->selectRaw("'$kind' as kind, $column as name")
            ->where('store_id', $this->current->id())
            ->whereIn($column, $names);
        $sold = static fn(string $kind, Builder $rows, array $slugs): QueryBuilder => $rows->selectRaw("'$kind' as kind, slug as name")
            ->whereIn('slug', $slugs)->toBase();
        $rows = $sold('/category/', $storefront->categories(), $in('/category/'))
            ->unionAll($sold('/product/', $storefront->goods(), $in('/product/')))
            ->unionAll($sold('product', $storefront->goods(), $products))
            ->unionAll($sold('gone', $storefront->goods()->where('stock', 0), $in('/product/')))
            ->unionAll($of('/document/', 'documents', 'slug', $in('/document/')))
            ->unionAll($of('picture', 'pictures', 'name', $pictures)->whereNull('deleted_at'))
            ->get();
        $found = ['address' => [], 'product' => [], 'picture' => [], 'gone' => []];
        foreach ($rows as $row) {
            if (isset($found[$row->kind])) {
                $found[$row->kind][] = $row->name;
            } else {
                $found['address'][] = $row->kind.$row->name;
            }
        }

        return $found;
    }

    private static function like(string $asked): string
    {
        return '%'.addcslashes($asked, '\\%_').'%';
    }
}
