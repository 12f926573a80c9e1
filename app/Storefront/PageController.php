<?php

declare(strict_types=1);

namespace App\Storefront;

use App\Http\TypedRequest;
use App\Models\Category;
use App\Models\Page;
use App\Models\Product;
use App\Storeroom\ProductSearch;
use Ikat\Core\Setting\Catalog\ProductSettings;
use Ikat\Core\Setting\Item;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Http\Response;
use Illuminate\Pagination\LengthAwarePaginator;
use Illuminate\Support\Collection;
use Illuminate\View\View;

final class PageController
{
    /** Columns behind the ways to sort: key => [column, direction]; our choice is an order of its own. */
    private const SORTS = [
        'shelf' => ['position', 'asc'], 'new' => ['added_on', 'desc'], 'sold' => ['sold', 'desc'], 'low' => ['price', 'asc'],
        'high' => ['price', 'desc'],
    ];

    private const MOST_PAGES = 10_000;

    /** Products a search shows. */
    private const FOUND = 24;

    /** What a card shows of a product besides its own row. */
    private const CARD = ['picture', 'morePictures'];

    public function __construct(private readonly ShopContext $shop) {}

    public function home(): View
    {
        $rows = [];
        foreach ($this->shop->items('home.bands', 'band') as $band) {
            if ($band->kind === 'row') {
                $rows[$band->name()] = $this->row($band);
            }
        }

        return view('shop.home', ['shop' => $this->shop, 'rows' => $rows]);
    }

    public function category(TypedRequest $request, string $category): View|Response
    {
        $found = Category::query()->firstWhere('slug', $category);
        if ($found === null) {
            return $this->nowhere();
        }
        $asked = $request->word('sort');
        $sorts = $this->shop->text('grid.order') === '' ? array_diff_key(ProductSettings::SORTS, ['hand' => true]) : ProductSettings::SORTS;
        $sort = isset($sorts[$asked]) ? $asked : $this->shop->text('grid.sort');
        $matching = $found->products()->with(self::CARD)
            ->when($request->flag('stock'), static fn(Builder $q) => $q->where('stock', '>', 0))
            ->when($request->flag('reduced'), static fn(Builder $q) => $q->whereColumn('was', '>', 'price'));
        $products = $this->sorted($matching, $sort)->paginate(
            $this->shop->number('grid.count'),
            page: $request->whole('page', 1, 1, self::MOST_PAGES),
        );

        return view('shop.category', [
            'shop' => $this->shop, 'category' => $found, 'products' => $products, 'sort' => $sort, 'sorts' => $sorts,
            'stock' => $request->flag('stock'), 'reduced' => $request->flag('reduced'),
            'asked' => array_filter(
                [
                    'sort' => $asked, 'stock' => $request->flag('stock') ? '1' : '', 'reduced' => $request->flag('reduced') ? '1' : '',
                    'cart' => $request->word('cart'),
                ],
                static fn(string $v): bool => $v !== '',
            ),
        ]);
    }

    /** A category whose filters leave nothing, or one in the middle of its pages; null in a store without categories. */
    public function categoryState(bool $isPaged): ?View
    {
        /** @var ?Category $category */
        $category = Category::query()->orderBy('position')->first();
        $products = $isPaged && $category !== null
            ? $category->products()->with(self::CARD)->orderBy('position')->limit(2)->get()
            : collect();

        return $category === null ? null : view('shop.category', [
            'shop' => $this->shop, 'category' => $category,
            'products' => new LengthAwarePaginator($products, 3 * $products->count(), max(1, $products->count()), $isPaged ? 2 : 1),
            'sort' => $this->shop->text('grid.sort'),
            'sorts' => array_diff_key(ProductSettings::SORTS, ['hand' => true]), 'stock' => ! $isPaged, 'reduced' => ! $isPaged,
            'asked' => [],
        ]);
    }

    public function product(string $product): View|Response
    {
        $found = Product::query()->with(['picture', 'morePictures', 'category'])->firstWhere('slug', $product);
        if ($found === null) {
            return $this->nowhere();
        }
        $others = $this->shop->on('product.others') ? Product::query()->with(self::CARD)->where('category_id', $found->category_id)
            ->whereKeyNot($found->id)->orderByDesc('sold')->orderBy('id')->limit(4)->get() : collect();

        return view('shop.product', ['shop' => $this->shop, 'product' => $found, 'others' => $others]);
    }

    public function search(TypedRequest $request): View
    {
        $asked = mb_substr($request->word('q'), 0, 80);
        $products = ProductSearch::find($asked, self::FOUND, self::CARD);

        return view('shop.search', ['shop' => $this->shop, 'asked' => $asked, 'products' => $products]);
    }

    public function page(string $page): View|Response
    {
        $found = Page::query()->firstWhere('slug', $page);

        return $found === null ? $this->nowhere() : view('shop.page', ['shop' => $this->shop, 'page' => $found]);
    }

    public function nowhere(): Response
    {
        return response()->view('shop.nowhere', ['shop' => $this->shop], 404);
    }

    /** @return Collection<int, Product> */
    private function row(Item $band): Collection
    {
        $count = $this->shop->number($band->path('count'));
        $source = $this->shop->text($band->path('source'));
        $query = Product::query()->with(self::CARD);
        if ($source === 'hand') {
            $slugs = array_slice($this->shop->picks($band->path('products')), 0, $count);

            return $query
                ->whereIn('slug', $slugs)
                ->get()
                ->sortBy(static fn(Product $p): int|false => array_search($p->slug, $slugs, true))
                ->values();
        }

        $ordered = match ($source) {
            'new' => $query->orderByDesc('added_on'),
            'sold' => $query->orderByDesc('sold'),
            default => $query->where('featured', true)->orderBy('position'),
        };

        return $ordered->orderBy('id')->limit($count)->get();
    }

    /**
     * @template T of Builder<Product>|HasMany<Product, Category>
     *
     * @param T $query
     *
     * @return T
     */
    private function sorted(Builder|HasMany $query, string $sort): Builder|HasMany
    {
        $chosen = $this->shop->picks('grid.order');
        if ($sort === 'hand' && $chosen !== []) {
            // The chosen ones first, in their order; all others after them, as on the shelves.
            $query->orderByRaw('coalesce(nullif(field(slug, '.implode(',', array_fill(0, count($chosen), '?')).'), 0), 1000)', $chosen);
        }
        [$column, $direction] = self::SORTS[$sort] ?? self::SORTS['shelf'];

        return $query->orderBy($column, $direction)->orderBy('id');
    }
}
