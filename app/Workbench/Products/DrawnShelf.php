<?php

declare(strict_types=1);

namespace App\Workbench\Products;

use App\Models\Category;
use App\Models\Product;
use App\Storefront\CategoryFilters;
use App\Storefront\CategoryQuestion;
use App\Storefront\ProductInWords;
use App\Storefront\ShelfOrder;
use App\Workbench\Shell\Bench;
use Ikat\Core\Grid\Filter\FilterGroup;
use Ikat\Core\Grid\Filter\FilterOption;
use Ikat\Core\Grid\Filter\FilterQuestion;
use Ikat\Core\Grid\FullerRows;
use Ikat\Core\Grid\ShelfCounts;
use Ikat\Core\Grid\ShelfHead;
use Ikat\Core\Grid\ShelfLook;
use Ikat\Core\Grid\ShelfSolver;
use Ikat\Core\Grid\StandingShelf;
use Ikat\Core\Header\TopOfPage;
use Ikat\Core\Setting\Catalog\GridSettings;
use Ikat\Core\Setting\Type\NumberType;
use Illuminate\Database\Eloquent\Builder;

/** One shelf of the store on three screens: its goods, where they stand, and what would leave less of it empty. */
final class DrawnShelf
{
    public readonly ShelfSolver $solver;

    private readonly ShelfCounts $stock;

    /** @var ?list<Product> */
    private ?array $goods = null;

    private ?Category $category = null;

    /** @var ?array{category: int, order: list<string>, placed: int, stood: string} */
    private ?array $order = null;

    /** @var ?array<string, int> */
    private ?array $fitting = null;

    /** @var ?array<string, StandingShelf> */
    private ?array $shelves = null;

    private ?ShelvesDrawing $drawing = null;

    /** @var ?list<FilterGroup> */
    private ?array $groups = null;

    /** @var ?array<key-of<ShelfLook::FILTERS>, array{begins: float, card: float}> */
    private ?array $filterPlaces = null;

    /**
     * @param string $slug of the category
     * @param key-of<ShelfCounts::FILTERS> $filter what the shelf is asked for
     */
    public function __construct(
        private readonly Bench $bench,
        private readonly ScreenPages $pages,
        public readonly string $slug,
        public readonly string $filter,
    ) {
        $this->solver = $bench->inspection()->get(ShelfSolver::class);
        $this->stock = $bench->inspection()->get(ShelfCounts::class);
    }

    /** What is drawn, in words: 14 products in Paper lanterns. */
    public function told(): string
    {
        $count = $this->count();

        return number_format($count).($count === 1 ? ' product ' : ' products ')
            .($this->filter === 'all' ? '' : ShelfCounts::FILTERS[$this->filter].' ').'in '.$this->stock->shelves[$this->slug]['name'];
    }

    /** Where it stands in the shop. */
    public function addressInShop(): string
    {
        $asked = new CategoryQuestion(filters: new FilterQuestion($this->filter === 'stock', $this->filter === 'reduced'));
        $query = http_build_query($asked->query());

        return "/category/$this->slug".($query === '' ? '' : "?$query");
    }

    /** Products of the shelf that is drawn, of all its pages. */
    public function count(): int
    {
        return $this->fitting()[$this->slug] ?? 0;
    }

    /** @return array<string, int> slug => products of each shelf, as it is asked for */
    public function fitting(): array
    {
        return $this->fitting ??= $this->stock->of($this->filter);
    }

    /** Products of the first page of the shelf that is drawn. */
    public function onPage(): int
    {
        return min($this->count(), max(1, $this->solver->look->count));
    }

    /** @return list<Product> of the first page of the shelf that is drawn, in order */
    public function goods(): array
    {
        if ($this->goods !== null) {
            return $this->goods;
        }
        $category = $this->category();
        $look = $this->bench->inspection()->look;
        $chosen = array_values(array_filter(explode(',', $look->text('grid.order'))));
        $matching = $category->goods()->with('picture')
            ->when($this->filter === 'stock', static fn(Builder $q) => $q->inStock())
            ->when($this->filter === 'reduced', static fn(Builder $q) => $q->reducedAt(now()));

        return $this->goods = array_values(
            ShelfOrder::of($matching, $category, $look->text('grid.sort'), $chosen, now())->limit($this->onPage())->get()->all(),
        );
    }

    /**
     * Where the products of the drawn shelf are placed by hand; null where that is not how it stands.
     *
     * @return ?array{category: int, order: list<string>, placed: int, stood: string} slugs in order, how many of them are placed, and
     *     how the Storeroom writes those
     */
    public function order(): ?array
    {
        if ($this->order !== null) {
            return $this->order;
        }
        if ($this->filter !== 'all' || $this->bench->inspection()->look->text('grid.sort') !== 'shelf') {
            return null;
        }
        $first = array_map(intval(...), $this->category()->first_goods ?? []);
        $names = $first === [] ? [] : Product::query()->whereKey($first)->pluck('name', 'id')->all();
        $placed = array_values(array_filter(array_map(static fn(int $id): string => $names[$id] ?? '', $first)));

        return $this->order = [
            'category' => (int) $this->category()->id, 'order' => array_column($this->goods(), 'slug'), 'placed' => count($placed),
            'stood' => implode('; ', $placed),
        ];
    }

    private function category(): Category
    {
        return $this->category ??= Category::query()->with(['children', 'parent', 'picture'])->where('slug', $this->slug)->firstOrFail();
    }

    /** @return array<string, StandingShelf> by device */
    public function shelves(): array
    {
        return $this->shelves ??= $this->standing($this->solver);
    }

    /** @return array<string, StandingShelf> by device */
    private function standing(ShelfSolver $solver): array
    {
        $top = $this->bench->inspection()->get(TopOfPage::class);
        $head = $this->head($solver->look->filters);
        $goods = array_map((new ProductInWords($this->bench->shop()))->onCard(...), $this->goods());
        $shelves = array_map(
            fn(string $device, array $screen): StandingShelf => $this->pages->on($device)->shelf(
                $top->at((float) $screen[0])['height'],
                $head,
                $goods,
                $solver->at((float) $screen[0]),
                $screen[1],
            ),
            array_keys(ScreenPages::SCREENS),
            ScreenPages::SCREENS,
        );

        return array_combine(array_keys(ScreenPages::SCREENS), $shelves);
    }

    private function head(string $place): ShelfHead
    {
        $category = $this->category();
        $count = $this->count();
        $picture = $category->picture;
        $shop = $this->bench->shop();
        $say = $shop->say(...);
        $sorts = $this->bench->inspection()->look->text('grid.order') === ''
            ? array_diff_key(GridSettings::SORTS, ['hand' => true])
            : GridSettings::SORTS;

        $filters = CategoryFilters::of($shop);
        $groups = $this->groups();
        $checks = $named = $chosen = [];
        foreach ($groups as $group) {
            if ($filters->name($group) !== '') {
                $named[] = $filters->name($group);
            } else {
                $many = $group->options[0]->count;
                $checks[] = $filters->words($group, $group->options[0]).($many === null ? '' : " ($many)");
            }
            $chosen = [...$chosen, ...array_map(static fn(FilterOption $o): string => $filters->words($group, $o).' ×', $group->chosen())];
        }

        return new ShelfHead(
            $category->name,
            $category->words,
            [$say('Home'), ...$category->parent === null ? [] : [$category->parent->name], $category->name],
            array_values($category->children->pluck('name')->all()),
            array_values(array_map($say, $sorts)),
            $place === 'above' ? $checks : [],
            $say('Show'),
            $say($count === 1 ? ':count product' : ':count products', ['count' => $count]),
            $picture === null ? null : $picture->height / max(1, $picture->width),
            $place === 'above' ? $named : [],
            in_array($place, ['side', 'folded'], true) && $groups !== [] ? $say('Filter') : null,
            $place === 'none' ? [] : $chosen,
        );
    }

    /** @return list<FilterGroup> what the shelf can be asked for, and what it is asked for */
    public function groups(): array
    {
        $asked = new FilterQuestion($this->filter === 'stock', $this->filter === 'reduced');

        $filters = CategoryFilters::of($this->bench->shop());

        return $this->groups ??= CategoryFilters::groups($asked, $filters->read($this->category(), $asked));
    }

    /**
     * Each way products may stand: share of the shelves of all screens that stays white, and of their pictures that is cut off.
     *
     * @return array<key-of<ShelfLook::ARRANGED>, array{shelves: array<string, StandingShelf>, white: float, cut: float}>
     */
    public function arrangements(): array
    {
        $frame = $this->solver->look->proportion;
        $isCut = $this->bench->inspection()->look->text('card.fit') === 'cover';
        // What a frame cuts off a picture that fills it, it leaves empty around one that is shown whole.
        $beside = array_map(
            static fn(Product $p): float => $p->picture === null ? 0.0 : $p->picture->framed()->cut($frame),
            $this->goods(),
        );
        $ways = [];
        foreach (array_keys(ShelfLook::ARRANGED) as $way) {
            $shelves = $way === $this->solver->look->arrange
                ? $this->shelves()
                : $this->standing(new ShelfSolver($this->solver->look->with(arrange: $way)));
            $empty = $way === 'tiles' && ! $isCut ? $beside : [];
            $white = array_map(static fn(StandingShelf $s): float => $s->white($empty), $shelves);
            $ways[$way] = [
                'shelves' => $shelves, 'white' => array_sum($white) / max(1, count($white)),
                'cut' => $way === 'tiles' && $isCut ? array_sum($beside) / max(1, count($beside)) : 0.0,
            ];
        }

        return $ways;
    }

    /** @return array{string, string} what there is to say of a shelf's end: what, and what of it */
    public function ends(StandingShelf $shelf): array
    {
        $form = $shelf->form;
        $count = count($shelf->cards);
        if ($form->arrange === 'columns') {
            return ['columns', (string) $form->columns];
        }
        if ($form->arrange === 'rows') {
            return ['last row', $shelf->places === [] ? 'full' : ($form->last === 'more' ? 'filled' : 'not full')];
        }
        $empty = $form->empty($count);

        return ['last row', $empty > 0 ? round($empty, 1).' empty' : ($form->leftOver($count) > 0 ? 'filled' : 'full')];
    }

    /**
     * Where the shelf begins on a phone, and how wide a card is on a desktop, with what it can be asked for in each place.
     *
     * @return array<key-of<ShelfLook::FILTERS>, array{begins: float, card: float}> px
     */
    public function filterPlaces(): array
    {
        if ($this->filterPlaces !== null) {
            return $this->filterPlaces;
        }
        $places = [];
        foreach (array_keys(ShelfLook::FILTERS) as $place) {
            $shelves = $place === $this->solver->look->filters
                ? $this->shelves()
                : $this->standing(new ShelfSolver($this->solver->look->with(filters: $place)));
            $places[$place] = ['begins' => $shelves['phone']->begins, 'card' => $shelves['desktop']->form->card];
        }

        return $this->filterPlaces = $places;
    }

    public function drawing(): ShelvesDrawing
    {
        return $this->drawing ??= new ShelvesDrawing($this->shelves());
    }

    /** @return list<int> numbers of products on a page that leave no place empty on any of the three screens */
    public function even(): array
    {
        return $this->solver->even(array_map(floatval(...), array_column(ScreenPages::SCREENS, 0)));
    }

    /**
     * Ways to leave fewer places empty on a screen, each with what it comes to, of this shelf and of all.
     *
     * @return list<array{words: string, told: string, changes: array<string, float>}>
     */
    public function ways(string $device): array
    {
        $screen = (float) ScreenPages::SCREENS[$device][0];
        $fuller = new FullerRows($this->solver, $this->count(), $screen);
        $type = $this->bench->setting("grid.columns.$device")->type;
        assert($type instanceof NumberType);
        $ways = [];
        [$columns, $solver] = $fuller->columns(array_map(intval(...), range($type->min, $type->max))) ?? [0, null];
        if ($solver !== null) {
            $words = $columns === 1 ? '1 column' : "$columns columns";
            $cards = 'cards '.round($solver->at($screen)->card).' px';
            $ways[] = $this->way($words, $cards, $solver, $screen, ["grid.columns.$device" => (float) $columns]);
        }
        [$count, $solver] = $fuller->page() ?? [0, null];
        if ($solver !== null) {
            $ways[] = $this->way("$count on a page", 'the rest on page 2', $solver, $screen, ['grid.count' => (float) $count]);
        }

        return $ways;
    }

    /**
     * @param array<string, float> $changes
     *
     * @return array{words: string, told: string, changes: array<string, float>}
     */
    private function way(string $words, string $more, ShelfSolver $solver, float $screen, array $changes): array
    {
        return [
            'words' => $words,
            'told' => sprintf(
                '%s empty, %s; of all shelves %s instead of %s',
                round($solver->empty([$this->count()], $screen)) ?: 'none',
                $more,
                round($solver->empty($this->fitting(), $screen)),
                round($this->solver->empty($this->fitting(), $screen)),
            ),
            'changes' => $changes,
        ];
    }
}
