<?php

declare(strict_types=1);

namespace App\Workbench\Products;

use App\Http\TypedRequest;
use App\Models\Category;
use App\Models\Picture;
use App\Models\Product;
use App\Pictures\PictureFiles;
use App\Pictures\ShopPicture;
use App\Storefront\CategoryQuestion;
use App\Storefront\Dictionaries;
use App\Storefront\ShelfOrder;
use App\Tasks\Tasks;
use App\Workbench\Shell\Bench;
use App\Workbench\Shell\ControlsPanel;
use App\Workbench\Shell\Sheet;
use App\Workbench\Shell\WindowPlace;
use Ikat\Core\Check\HidingLabels;
use Ikat\Core\Check\LineBreaks;
use Ikat\Core\Compile\CompiledLook;
use Ikat\Core\Grid\CardPicture;
use Ikat\Core\Grid\CardPictures;
use Ikat\Core\Grid\CategoryParts;
use Ikat\Core\Grid\FramedPicture;
use Ikat\Core\Grid\FrameFor;
use Ikat\Core\Grid\FullerRows;
use Ikat\Core\Grid\LabelCover;
use Ikat\Core\Grid\Proportion;
use Ikat\Core\Grid\ShelfCounts;
use Ikat\Core\Grid\ShelfGoods;
use Ikat\Core\Grid\ShelfHead;
use Ikat\Core\Grid\ShelfLook;
use Ikat\Core\Grid\ShelfPage;
use Ikat\Core\Grid\ShelfSolver;
use Ikat\Core\Grid\ShelfWeight;
use Ikat\Core\Grid\StandingShelf;
use Ikat\Core\Header\TopOfPage;
use Ikat\Core\Image\Connection;
use Ikat\Core\Image\FoundObject;
use Ikat\Core\Setting\Catalog\ProductSettings;
use Ikat\Core\Setting\Type\NumberType;
use Illuminate\Database\Eloquent\Builder;

/** One shelf of the store on three screens, what all shelves come to, and the card. */
final class ProductsPanel extends ControlsPanel
{
    /** Screens a shelf is drawn on: width and height, px. */
    public const SCREENS = ['phone' => [390, 844], 'tablet' => [768, 1024], 'desktop' => [1280, 800]];

    /** Bytes of one picture on a card from which it is heavy (common practice, no source). */
    private const HEAVY = 150_000;

    /** Names that are measured, the longest. */
    private const NAMES = 200;

    /** The category whose shelf is drawn; empty where there is none. */
    public readonly string $shelf;

    /** @var key-of<ShelfCounts::FILTERS> what the shelf is asked for */
    public readonly string $filter;

    public readonly ShelfSolver $solver;

    public readonly ShelfCounts $stock;

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

    private ?FrameDrawing $frame = null;

    /** @var ?array{pictures: list<int>, now: int, then: int} */
    private ?array $lighter = null;

    private ?LabelCover $labelCover = null;

    private ?float $bestFrame = null;

    /** @var array<int, ShelfPage> by the width of the screen */
    private array $pages = [];

    private readonly int $picture;

    /** @var ?list<array{id: int, name: string, lines: array<string, int>}> */
    private ?array $longNames = null;

    public function __construct(Bench $bench, TypedRequest $request)
    {
        parent::__construct($bench, $request);
        $this->solver = $bench->inspection()->get(ShelfSolver::class);
        $this->stock = $bench->inspection()->get(ShelfCounts::class);
        $shelves = $this->stock->shelves;
        $asked = $request->word('open_shelf');
        $filled = array_filter($shelves, static fn(array $s): bool => $s['all'] > 0);
        $this->shelf = isset($shelves[$asked]) ? $asked : (string) array_key_first($filled === [] ? $shelves : $filled);
        $filter = $request->word('open_filter');
        $this->filter = isset(ShelfCounts::FILTERS[$filter]) ? $filter : 'all';
        $this->picture = $request->id('open_picture');
    }

    /** Measures what is kept, before anything is shown. */
    public function prepare(): void
    {
        if ($this->tab === 'grid' && $this->shelf !== '') {
            $this->shelves();
            $this->order();
            $this->lighter();
        }
        if ($this->tab === 'card') {
            $this->longNames();
        }
    }

    public function view(): string
    {
        return 'workbench.products.panel';
    }

    public function sheet(): ?Sheet
    {
        if ($this->tab === 'card') {
            return $this->pictures()->pictures === [] ? null : new Sheet(
                'workbench.products.frame',
                'The frame',
                sprintf(
                    '%s cuts off %d%% on average, and into the thing on %d of %d pictures',
                    Proportion::words($this->frame()->frame),
                    round(100 * $this->pictures()->frames->cut($this->frame()->frame)),
                    $this->pictures()->frames->thingsCut($this->frame()->frame),
                    count($this->pictures()->pictures),
                ),
                FrameDrawing::HEIGHT + 36,
                window: 240,
            );
        }

        return $this->shelf === '' || $this->tab !== 'grid' ? null : new Sheet(
            'workbench.products.sheet',
            'Shelves',
            $this->told().'; hatched places stay empty',
            (int) ceil($this->drawing()->height) + 36,
            window: 240,
        );
    }

    /** What is drawn, in words: 14 products in Paper lanterns. */
    public function told(): string
    {
        $count = $this->count();

        return number_format($count).($count === 1 ? ' product ' : ' products ')
            .($this->filter === 'all' ? '' : ShelfCounts::FILTERS[$this->filter].' ').'in '.$this->stock->shelves[$this->shelf]['name'];
    }

    public function shows(): ?WindowPlace
    {
        return $this->tab === 'grid' && $this->shelf !== '' ? new WindowPlace($this->addressInShop(), 'grid') : parent::shows();
    }

    public function state(): array
    {
        return [
            ...parent::state(), 'open_shelf' => $this->shelf, 'open_filter' => $this->filter === 'all' ? '' : $this->filter,
            'open_picture' => $this->picture === 0 ? '' : (string) $this->picture,
        ];
    }

    private function addressInShop(): string
    {
        $asked = new CategoryQuestion(inStock: $this->filter === 'stock', reduced: $this->filter === 'reduced');
        $query = http_build_query($asked->query());

        return "/category/$this->shelf".($query === '' ? '' : "?$query");
    }

    /**
     * Address of the step with what is open, but for some of it.
     *
     * @param array<string, string> $other
     */
    public function address(array $other): string
    {
        return $this->bench->address('products?'.http_build_query(array_filter([...$this->state(), ...$other])));
    }

    /** Products of the shelf that is drawn, of all its pages. */
    public function count(): int
    {
        return $this->fitting()[$this->shelf] ?? 0;
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
        if ($this->shelf === '' || $this->filter !== 'all' || $this->bench->inspection()->look->text('grid.sort') !== 'shelf') {
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
        return $this->category ??= Category::query()->with(['children', 'parent', 'picture'])->where('slug', $this->shelf)->firstOrFail();
    }

    /**
     * The longest names of the storefront's products, with the lines each takes in a card of a full row on each screen.
     *
     * @return list<array{id: int, name: string, lines: array<string, int>}> the most lines first
     */
    public function longNames(): array
    {
        if ($this->longNames !== null) {
            return $this->longNames;
        }
        $names = $this->bench->look->storefront->goods()->orderByRaw('char_length(name) desc')->orderBy('id')->limit(self::NAMES)
            ->pluck('name', 'id')->all();
        $pages = array_map(fn(array $screen): ShelfPage => $this->page($screen[0]), self::SCREENS);
        $found = [];
        foreach ($names as $id => $name) {
            $lines = [];
            foreach ($pages as $device => $page) {
                $lines[$device] = $page->linesOfName($name, $this->solver->at((float) self::SCREENS[$device][0])->card);
            }
            $found[] = ['id' => (int) $id, 'name' => $name, 'lines' => $lines];
        }
        usort($found, static fn(array $a, array $b): int => array_sum($b['lines']) <=> array_sum($a['lines']));

        return $this->longNames = $found;
    }

    /** Which labels hide the thing on the picture they stand on. */
    public function labelCover(): LabelCover
    {
        return $this->labelCover ??= HidingLabels::cover($this->bench->inspection());
    }

    /** A picture that wears a label; null where there is none. */
    public function labelled(): ?ShopPicture
    {
        $picture = $this->bench->look->storefront->goods()
            ->reducedAt(now())->whereNotNull('picture_id')->with('picture')->orderBy('position')
            ->first()?->picture;

        return $picture === null ? null : ShopPicture::of($picture);
    }

    /** Lines after which a name is cut; null where none is. */
    public function mostLines(): ?int
    {
        $most = $this->page(self::SCREENS['desktop'][0])->mostLines();

        return $most === PHP_INT_MAX ? null : $most;
    }

    private function page(int $screen): ShelfPage
    {
        $inspection = $this->bench->inspection();

        return $this->pages[$screen] ??= new ShelfPage(
            $inspection->get(CategoryParts::class),
            $inspection->look,
            $inspection->get(LineBreaks::class),
            $inspection->get(CompiledLook::class)->root,
            (float) $screen,
        );
    }

    /** The frame of the cards over all pictures. */
    public function frame(): FrameDrawing
    {
        return $this->frame ??= new FrameDrawing($this->pictures(), max(0.01, $this->solver->look->proportion));
    }

    private function pictures(): CardPictures
    {
        return $this->bench->inspection()->get(CardPictures::class);
    }

    /** The picture that is open: the one asked for, or the one that loses most. */
    public function picture(): ?CardPicture
    {
        $asked = array_filter($this->pictures()->pictures, fn(CardPicture $p): bool => $p->id === $this->picture);

        return reset($asked) ?: $this->frame()->worst()[0] ?? null;
    }

    public function bestFrame(): ?float
    {
        return $this->bestFrame ??= $this->pictures()->frames->best();
    }

    /** Share of the pictures that a frame cuts off on average, 0..1. */
    public function cutBy(float $frame): float
    {
        return $this->pictures()->frames->cut($frame);
    }

    /** Where a thing stands by hand, as the Storeroom writes it. */
    public function thingByHand(FoundObject $thing): string
    {
        return implode(' ', array_map(
            static fn(float $share): int => (int) round(100 * $share),
            [$thing->left, $thing->top, $thing->right, $thing->bottom],
        ));
    }

    /** Whether a picture was another one before, which can be brought back. */
    public function hasEarlierFile(int $picture): bool
    {
        return Picture::query()->whereKey($picture)->whereNotNull('before')->exists();
    }

    /** @return array{?CardPicture, ?CardPicture} before and after the open one, in the order of the products */
    public function besidePicture(): array
    {
        $all = $this->pictures()->pictures;
        $at = (int) array_search($this->picture()?->id, array_column($all, 'id'), true);

        return [$all[$at - 1] ?? null, $all[$at + 1] ?? null];
    }

    /**
     * What points every picture so that the frame cuts least into its thing, as cells of the Storeroom.
     *
     * @return list<array{int, string, string, string}> picture, column, percent, and what stood there
     */
    public function pointed(): array
    {
        $frame = $this->frame()->frame;
        $cells = [];
        foreach ($this->pictures()->pictures as $picture) {
            $framed = $picture->framed;
            if (! $framed->isThingCut($frame)) {
                continue;
            }
            [$x, $y] = $framed->bestFocus($frame);
            foreach ([['focus_x', $x, $framed->focusX], ['focus_y', $y, $framed->focusY]] as [$column, $to, $was]) {
                if ($to !== $was) {
                    $cells[] = [$picture->id, $column, (string) (int) $to, (string) (int) $was];
                }
            }
        }

        return $cells;
    }

    /** @return array<string, array{shelves: array<string, StandingShelf>, white: float, cut: float}> each way products may stand */
    public function arrangements(): array
    {
        $look = $this->bench->inspection()->look;
        $cutInTiles = $look->text('card.fit') === 'cover' ? (new FrameFor(array_values(array_filter(array_map(
            static fn(Product $p): ?FramedPicture => $p->picture === null ? null : new FramedPicture(
                $p->picture->width / max(1, $p->picture->height),
                $p->picture->foundObject(),
            ),
            $this->goods(),
        )))))->cut($this->solver->look->proportion) : 0.0;
        $ways = [];
        foreach (array_keys(ShelfLook::ARRANGED) as $way) {
            $shelves = $way === $this->solver->look->arrange
                ? $this->shelves()
                : $this->standing(new ShelfSolver($this->solver->look->with(arrange: $way)));
            $ways[$way] = [
                'shelves' => $shelves,
                'white' => array_sum(array_map(static fn(StandingShelf $s): float => $s->white(), $shelves)) / max(1, count($shelves)),
                'cut' => $way === 'tiles' ? $cutInTiles : 0.0,
            ];
        }

        return $ways;
    }

    /** @return array<string, array<int, ShelfWeight>> device => dots by CSS px => what the pictures of the drawn shelf weigh there */
    public function weights(): array
    {
        $pictures = array_map(fn(Product $p): ?array => $p->picture === null ? null : [
            'width' => $p->picture->width, 'bytes' => $this->files()->bytes($p->picture),
        ], $this->goods());
        $weights = [];
        foreach ($this->shelves() as $device => $shelf) {
            foreach ([1, 2] as $density) {
                $weights[$device][$density] = new ShelfWeight($shelf, $pictures, $density, Connection::ofDevice($device));
            }
        }

        return $weights;
    }

    /** @return array<int, int> number of a card whose picture alone weighs too much for a phone => bytes it loads of it */
    public function heavy(): array
    {
        $bytes = array_map(
            fn(Product $p): int => $p->picture === null ? 0 : $this->files()->bytes($p->picture)[$p->picture->widths[0]],
            $this->goods(),
        );

        return array_filter($bytes, static fn(int $each): bool => $each > self::HEAVY);
    }

    /**
     * What encoding the pictures of the drawn shelf anew would save.
     *
     * @return array{pictures: list<int>, now: int, then: int} ids of those that can be lighter, of all products; bytes of those on the
     *     shelf as a phone loads them now, and as it would
     */
    public function lighter(): array
    {
        if ($this->lighter !== null) {
            return $this->lighter;
        }
        $ids = array_column($this->pictures()->pictures, 'id');
        $can = Picture::query()->whereKey($ids)->get()->filter(static fn(Picture $p): bool => PictureFiles::canBeLighter($p));
        $here = array_filter(array_map(static fn(Product $p): ?Picture => $p->picture, $this->goods()));
        $lighter = array_map($this->files()->lighter(...), array_values(array_filter($here, PictureFiles::canBeLighter(...))));

        return $this->lighter = [
            'pictures' => array_map(intval(...), array_values($can->modelKeys())),
            'now' => array_sum(array_column($lighter, 'now')), 'then' => array_sum(array_column($lighter, 'then')),
        ];
    }

    private function files(): PictureFiles
    {
        return app(PictureFiles::class);
    }

    /** Where a product's picture is tended. */
    public function pictureAddress(Product $product): string
    {
        return $this->bench->address("storeroom?open_kind=pictures&open_record=$product->picture_id");
    }

    public function tasks(): Tasks
    {
        return app(Tasks::class);
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
        $head = $this->head();
        $goods = array_map(static fn(Product $p): ShelfGoods => new ShelfGoods(
            $p->name,
            $p->note,
            $p->rating !== null && $p->shows_rating,
            ! $p->isSoldOut(),
            $p->picture === null ? null : $p->picture->width / max(1, $p->picture->height),
        ), $this->goods());

        return array_map(
            fn(array $screen): StandingShelf => $this->page($screen[0])->shelf(
                $top->at((float) $screen[0])['height'],
                $head,
                $goods,
                $solver->at((float) $screen[0]),
                $screen[1],
            ),
            self::SCREENS,
        );
    }

    private function head(): ShelfHead
    {
        $category = $this->category();
        $count = $this->count();
        $picture = $category->picture;
        $say = Dictionaries::of($this->bench->look->storefront)->say(...);
        $sorts = $this->bench->inspection()->look->text('grid.order') === ''
            ? array_diff_key(ProductSettings::SORTS, ['hand' => true])
            : ProductSettings::SORTS;

        return new ShelfHead(
            $category->name,
            $category->words,
            [$say('Home'), ...$category->parent === null ? [] : [$category->parent->name], $category->name],
            array_values($category->children->pluck('name')->all()),
            array_values(array_map($say, $sorts)),
            [$say('In stock'), $say('Reduced')],
            $say('Show'),
            $say($count === 1 ? ':count product' : ':count products', ['count' => $count]),
            $picture === null ? null : $picture->height / max(1, $picture->width),
        );
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

    public function drawing(): ShelvesDrawing
    {
        return $this->drawing ??= new ShelvesDrawing($this->shelves());
    }

    /** @return list<int> numbers of products on a page that leave no place empty on any of the three screens */
    public function even(): array
    {
        return $this->solver->even(array_map(floatval(...), array_column(self::SCREENS, 0)));
    }

    /**
     * Ways to leave fewer places empty on a screen, each with what it comes to, of this shelf and of all.
     *
     * @return list<array{words: string, told: string, changes: array<string, float>}>
     */
    public function ways(string $device): array
    {
        $screen = (float) self::SCREENS[$device][0];
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
