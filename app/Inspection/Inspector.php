<?php

declare(strict_types=1);

namespace App\Inspection;

use App\Files\WholeFile;
use App\Fonts\FontFiles;
use App\Fonts\OwnFonts;
use App\Looks\LookReader;
use App\Models\Look;
use App\Models\Product;
use App\Models\Storefront;
use App\Models\Translation;
use App\Pictures\PictureShelf;
use App\Storefront\Dictionaries;
use App\Storefront\Money;
use App\Storefront\ProductInWords;
use App\Storefront\SampleCart;
use App\Storefront\SamplePages;
use App\Storefront\ShopContext;
use App\Storefront\TopOfPage;
use App\Storefront\Visitor;
use App\Storeroom\CardPictureReader;
use App\Storeroom\OffersReader;
use App\Storeroom\ShelfCounter;
use App\Storeroom\ShelfReader;
use App\Storeroom\StoreReader;
use App\Storeroom\StoreWords;
use Ikat\Core\Check\BaseState;
use Ikat\Core\Check\Checks;
use Ikat\Core\Check\Finding;
use Ikat\Core\Check\FontCoverage;
use Ikat\Core\Check\Inspection;
use Ikat\Core\Check\LineBreaks;
use Ikat\Core\Check\LogoMeasures;
use Ikat\Core\Check\ShelfState;
use Ikat\Core\Check\ShopWords;
use Ikat\Core\Check\StoreContents;
use Ikat\Core\Compile\CompiledLook;
use Ikat\Core\Contrast\HeaderBackdrop;
use Ikat\Core\Grid\CardPictures;
use Ikat\Core\Grid\CategoryParts;
use Ikat\Core\Grid\FoundParts;
use Ikat\Core\Grid\ShelfCounts;
use Ikat\Core\Header\HeaderSolver;
use Ikat\Core\Header\SpokenTops;
use Ikat\Core\Header\TopContents;
use Ikat\Core\Language\UnsaidWords;
use Ikat\Core\Look\LookSnapshot;
use Ikat\Core\Look\Resolution;
use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\ProductPage\DownToButton;
use Ikat\Core\ProductPage\ProductParts;
use Ikat\Core\ProductPage\ShownProduct;
use Ikat\Core\ProductPage\ShownProducts;
use Ikat\Core\Promise\Offers;
use Ikat\Core\Reach\ElementStyle;
use Ikat\Core\Reach\LayoutBox;
use Ikat\Core\Reach\MatchedPage;
use Ikat\Core\Reach\PageReader;
use Ikat\Core\Reach\PairUse;
use Ikat\Core\Reach\PlaceMap;
use Ikat\Core\Reach\ReachIndex;
use Ikat\Core\Reach\StyleRule;
use Ikat\Core\Reach\Stylesheet;
use Ikat\Core\Reach\TextLayout;
use Ikat\Core\Type\WordsInUse;
use Illuminate\Support\Facades\DB;

/**
 * Reach and findings of a look.
 *
 * The index of the pages is kept by what it depends on (words, choices, the Storeroom, the theme), so that dragging a
 * color never reads the pages again.
 */
final class Inspector
{
    /** Cents of a price with all that a price is written with. */
    private const A_PRICE = 123_450;

    /** Raised when the index's own form changes. */
    private const FORM = 21;

    /** Products of each kind whose pages are looked at, of how many. */
    private const LONG_PAGES = 4;
    private const PRODUCTS = 240;

    /** Pages that have running text: on the others it is the footer's. */
    private const TEXT_PAGES = ['home', 'product', 'content'];

    /** Files: an index for each page of each state, and parsed stylesheets. */
    private const KEEP = 1500;

    /** What a page was made of is kept for this many of its states: undo and redo go back and forth. */
    private const NOTES = 5;

    /** @var array<string, ReachIndex> */
    private array $indexes = [];

    /** @var array<string, Stylesheet> by look and state */
    private array $joined = [];

    public function __construct(
        private readonly LookReader $looks,
        private readonly SamplePages $pages,
        private readonly StoreReader $store,
        private readonly PictureShelf $pictures,
        private readonly LogoInspector $logos,
        private readonly StoreWords $words,
        private readonly FontFiles $fonts,
        private readonly OwnFonts $own,
        private readonly ShelfReader $shelves,
        private readonly OffersReader $offers,
        private readonly ShelfCounter $counter,
        private readonly CardPictureReader $cardPictures,
    ) {}

    /** @param ?LookSnapshot $at the look as it would be; as it is, with none */
    public function inspect(Look $look, ?LookSnapshot $at = null): Inspection
    {
        $at ??= $this->looks->of($look);
        $look->storefront->loadMissing('store');

        return new Inspection($at->resolved(), $at->theme(), [
            CompiledLook::class => static fn(): CompiledLook => $at->compiled(),
            ReachIndex::class => fn(): ReachIndex => $this->index($look->storefront, $at),
            TextLayout::class => fn(): TextLayout => $this->layout($look->storefront, $at),
            StoreContents::class => fn(Inspection $i): StoreContents => $this->store->contents($i->look, $look->storefront),
            ShelfState::class => $this->shelves->state(...),
            ShelfCounts::class => fn(): ShelfCounts => $this->counter->of($look->storefront),
            CardPictures::class => fn(): CardPictures => $this->cardPictures->of($look->storefront),
            CategoryParts::class => fn(): CategoryParts => $this->categoryParts($look->storefront, $at),
            DownToButton::class => fn(Inspection $i): DownToButton => $this->downToButton($i, $look->storefront, $at),
            ShownProducts::class => fn(): ShownProducts => $this->shownProducts($look->storefront, $at),
            ProductParts::class => fn(): ProductParts => $this->productParts($look->storefront, $at),
            LogoMeasures::class => fn(Inspection $i): LogoMeasures => $this->logos->measures(
                $i->look,
                $i->theme,
                $this->shop($look->storefront, $i->look)->iconSpec(),
                $i->get(HeaderBackdrop::class),
            ),
            TopContents::class => fn(Inspection $i): TopContents => TopOfPage::contents($this->shop($look->storefront, $i->look)),
            SpokenTops::class => static fn(): SpokenTops => new SpokenTops(Dictionaries::others($look->storefront)),
            UnsaidWords::class => static fn(): UnsaidWords => self::unsaid($look->storefront),
            Offers::class => fn(): Offers => $this->offers->of($look->storefront, now()->toImmutable()),
            HeaderBackdrop::class => fn(Inspection $i): HeaderBackdrop => $this->logos->underHeader(
                $i->look,
                $i->look->value('header.over') === true ? $i->get(HeaderSolver::class) : null,
            ),
            ShopWords::class => fn(Inspection $i): ShopWords => new ShopWords(
                ShopWords::ofLook($i->look)
                    ->and($this->words->of($look->storefront))
                    ->and(WordsInUse::in([[['price', 'body'], Money::exact(self::A_PRICE, $look->storefront->sellsIn())]])),
                fn(array $characters): WordsInUse => ShopWords::ofLook($i->look, $characters)
                    ->and($this->words->plain($look->storefront, $characters)),
            ),
            FontCoverage::class => fn(): FontCoverage => new FontCoverage(
                fn(string $key): array => $this->fonts->characters($this->own->named($key)),
            ),
            LineBreaks::class => fn(): LineBreaks => new LineBreaks($this->fonts->measured(...), $this->fonts->steps(...)),
            BaseState::class => static fn(): BaseState => new BaseState($at->missing()),
        ]);
    }

    /** @return list<Finding> */
    public function findings(Look $look): array
    {
        return Checks::run($this->inspect($look));
    }

    private function index(Storefront $storefront, LookSnapshot $at): ReachIndex
    {
        $key = $this->key($storefront, $at);

        return $this->indexes[$key] ??= $this->stored($key) ?? $this->store($key, $this->make($storefront, $at));
    }

    private function key(Storefront $storefront, LookSnapshot $at): string
    {
        $structural = array_map(
            static fn(Resolution $r): bool|float|string => $r->value,
            array_filter($at->resolved()->all(), static fn(Resolution $r): bool => ! $r->setting->isPaint()),
        );

        return hash('xxh128', json_encode([
            self::FORM, $this->looks->themes->stylesheetName($at->bare), $storefront->id,
            $storefront->content_version, gmdate('Ymd'), $structural,
        ], JSON_THROW_ON_ERROR));
    }

    private function make(Storefront $storefront, LookSnapshot $at): ReachIndex
    {
        $indexes = [];
        foreach ($this->pages->pathsIn($storefront) as $page => $path) {
            [$key, $html] = $this->pageKey($storefront, $at, $page, $path);
            $indexes[] = $this->stored($key) ?? $this->store($key, $this->readPage($storefront, $at, $page, $path, $html));
        }
        $this->sweep();

        return ReachIndex::merged($indexes);
    }

    /**
     * What of a page the stylesheets speak of: other words make no other, so that after an edit of words no page is read again.
     *
     * @return array{string, ?string} key of its elements with the rules on them, and the page where it had to be made
     */
    private function pageKey(Storefront $storefront, LookSnapshot $at, string $page, string $path): array
    {
        $theme = hash('xxh128', $this->looks->themes->stylesheet($at->bare));
        $made = hash(
            'xxh128',
            json_encode([self::FORM, $theme, $storefront->id, $storefront->content_version, gmdate('Ymd')], JSON_THROW_ON_ERROR),
        );
        $notes = $this->notes("$made-$page");
        $note = $this->matching($notes, $at->resolved()->values());
        $html = null;
        if ($note === null) {
            $shop = $this->shop($storefront, $at->resolved(), SamplePages::cartAt($path));
            $html = $this->pages->render($page, $path, $shop);
            preg_match_all('/\bits-[a-z0-9-]+/', $html, $items);
            $note = [
                'read' => $shop->read(),
                'skeleton' => hash('xxh128', PageReader::skeleton($html)),
                'items' => array_values(array_unique($items[0])),
            ];
            $this->note("$made-$page", [$note, ...array_slice($notes, 0, self::NOTES - 1)]);
        }

        return [
            hash('xxh128', self::FORM."$theme $page ".self::rulesOn($note['items'], $at->compiled()->rules).$note['skeleton']),
            $html,
        ];
    }

    private function readPage(Storefront $storefront, LookSnapshot $at, string $page, string $path, ?string $html): ReachIndex
    {
        return PageReader::page($this->sheetOf($storefront, $at), $page, $html ?? $this->html($storefront, $at, $page, $path));
    }

    /** Like the index it depends on words and choices, and on no size: dragging one never reads the pages again. */
    private function layout(Storefront $storefront, LookSnapshot $at): TextLayout
    {
        $key = 'layout-'.$this->key($storefront, $at);
        $kept = $this->kept($key, [TextLayout::class, LayoutBox::class, ElementStyle::class]);
        if ($kept !== null) {
            return $kept;
        }
        $pages = [];
        foreach (array_intersect_key($this->pages->pathsIn($storefront), array_flip(self::TEXT_PAGES)) as $page => $path) {
            $pages[$page] = MatchedPage::of($this->sheetOf($storefront, $at), $this->html($storefront, $at, $page, $path));
        }

        return $this->keep($key, TextLayout::of($pages));
    }

    /** The parts of a category's page, and of one that has all a category can have. */
    private function categoryParts(Storefront $storefront, LookSnapshot $at): CategoryParts
    {
        return $this->parts(CategoryParts::class, $storefront, $at, ['category', 'category-paged']);
    }

    /** And of a product's page, and of one that cannot be bought. */
    private function productParts(Storefront $storefront, LookSnapshot $at): ProductParts
    {
        return $this->parts(ProductParts::class, $storefront, $at, ['product', 'gone']);
    }

    /**
     * Kept as long as the pages' elements and the rules on them are the same, whatever else is edited.
     *
     * @template T of FoundParts
     *
     * @param class-string<T> $class
     * @param list<string> $pages keys of sample pages: what one does not have is found on the next
     *
     * @return T
     */
    private function parts(string $class, Storefront $storefront, LookSnapshot $at, array $pages): FoundParts
    {
        $paths = $this->pages->pathsIn($storefront);
        $found = array_map(fn(string $page): array => $this->pageKey($storefront, $at, $page, $paths[$page]), $pages);
        $key = 'parts-'.hash('xxh128', $class.implode(' ', array_column($found, 0)));

        return $this->kept($key, [$class, ElementStyle::class]) ?? $this->keep($key, $class::of(...array_map(
            fn(string $page, array $one): MatchedPage => MatchedPage::of(
                $this->sheetOf($storefront, $at),
                $one[1] ?? $this->html($storefront, $at, $page, $paths[$page]),
            ),
            $pages,
            $found,
        )));
    }

    /** Products of the longest words, and those with most to choose, among the first; kept until goods or what is said of them change. */
    private function shownProducts(Storefront $storefront, LookSnapshot $at): ShownProducts
    {
        $said = array_filter(
            $at->resolved()->values(),
            static fn(string $path): bool => preg_match('/^(product|card\.label|say)\./', $path) === 1,
            ARRAY_FILTER_USE_KEY,
        );
        $key = 'shown-'.hash('xxh128', json_encode([
            self::FORM, $storefront->id, $storefront->content_version, gmdate('Ymd'), $said,
        ], JSON_THROW_ON_ERROR));

        return $this->kept($key, [ShownProducts::class, ShownProduct::class]) ?? $this->keep($key, $this->readProducts($storefront, $at));
    }

    /** Kept for all that it depends on, and more: of colors it does not, and most edits are of those. */
    private function downToButton(Inspection $inspection, Storefront $storefront, LookSnapshot $at): DownToButton
    {
        $values = array_filter(
            $at->resolved()->values(),
            static fn(string $path): bool => preg_match('/^(scheme|palette|band|block|footer|checkout)\./', $path) !== 1,
            ARRAY_FILTER_USE_KEY,
        );
        $key = 'down-'.hash('xxh128', json_encode([
            self::FORM, $this->looks->themes->stylesheetName($at->bare), $storefront->id, $storefront->content_version, gmdate('Ymd'),
            $values,
        ], JSON_THROW_ON_ERROR));

        return $this->kept($key, [DownToButton::class]) ?? $this->keep($key, DownToButton::measure($inspection));
    }

    private function readProducts(Storefront $storefront, LookSnapshot $at): ShownProducts
    {
        $first = $storefront->goods()->orderBy('position')->limit(self::PRODUCTS)
            ->toBase()->get(['products.id', DB::raw('char_length(words) as length'), DB::raw('char_length(options) as choices')]);
        $ids = $first->sortByDesc('length')->take(self::LONG_PAGES)->concat($first->sortByDesc('choices')->take(self::LONG_PAGES))
            ->pluck('id')->unique()->all();
        $products = Product::query()->whereKey($ids)->with(['picture', 'morePictures', 'category'])->orderBy('id')->get();
        Product::loadPicturesOfWays($products);
        $words = new ProductInWords($this->shop($storefront, $at->resolved()));

        return new ShownProducts($products->mapWithKeys(static fn(Product $p): array => [$p->slug => $words->of($p)])->all());
    }

    private function html(Storefront $storefront, LookSnapshot $at, string $page, string $path): string
    {
        return $this->pages->render($page, $path, $this->shop($storefront, $at->resolved(), SamplePages::cartAt($path)));
    }

    private function sheetOf(Storefront $storefront, LookSnapshot $at): Stylesheet
    {
        return $this->joined["$storefront->id {$at->key()}"] ??= $this->sheet([
            $this->looks->themes->stylesheet($at->bare),
            $at->compiled()->rules,
            // At which width it folds says nothing of what can be reached.
            sprintf("@media (max-width: %dpx) {\n%s}", HeaderSolver::TABLET, $at->bare->foldedCss),
        ]);
    }

    /**
     * What a page was made of, the last few times: where all of it is as it was then, the page is too and is not made again.
     *
     * @return list<array{read: array<string, bool|float|string|null>, skeleton: string, items: list<string>}>
     */
    private function notes(string $key): array
    {
        $file = storage_path("reach/page-$key");
        $found = is_file($file) ? unserialize((string) file_get_contents($file), ['allowed_classes' => false]) : [];

        return is_array($found) ? array_values($found) : [];
    }

    /**
     * @param list<array{read: array<string, bool|float|string|null>, skeleton: string, items: list<string>}> $notes
     * @param array<string, bool|float|string> $values
     *
     * @return ?array{read: array<string, bool|float|string|null>, skeleton: string, items: list<string>}
     */
    private function matching(array $notes, array $values): ?array
    {
        foreach ($notes as $note) {
            foreach ($note['read'] as $path => $value) {
                if (($values[$path] ?? null) !== $value) {
                    continue 2;
                }
            }

            return $note;
        }

        return null;
    }

    /** @param list<array{read: array<string, bool|float|string|null>, skeleton: string, items: list<string>}> $notes */
    private function note(string $key, array $notes): void
    {
        $this->put("page-$key", serialize($notes));
    }

    /**
     * The look's rules without those of items the page does not have: a band more on the home page changes no other page.
     *
     * @param list<string> $items classes of the items it has
     */
    private static function rulesOn(array $items, string $rules): string
    {
        return implode(
            "\n",
            array_filter(
                explode("\n", $rules),
                static fn(string $rule): bool => ! preg_match('/^\.(its-[a-z0-9-]+)\{/', $rule, $m) || in_array($m[1], $items, true),
            ),
        );
    }

    private static function unsaid(Storefront $storefront): UnsaidWords
    {
        $others = $storefront->otherLanguages();
        $counts = [];
        foreach ($others === [] ? [] : Translation::query()->whereIn('language', $others)->whereIn('said', ['missing', 'said'])
            ->selectRaw("language, sum(said = 'missing') as missing, count(*) as many")->groupBy('language')->toBase()->get() as $row) {
            $counts[(string) $row->language] = ['missing' => (int) $row->missing, 'all' => (int) $row->many];
        }

        return new UnsaidWords($counts);
    }

    private function shop(Storefront $storefront, ResolvedLook $resolved, SampleCart $cart = SampleCart::None): ShopContext
    {
        $this->pictures->named(StoreContents::asked($resolved)['pictures']);

        return new ShopContext(
            $storefront,
            $storefront->store,
            $resolved->values(),
            '',
            '',
            '',
            Visitor::looking($storefront, $cart),
            $this->pictures->one(...),
            $this->own->named(...),
            Dictionaries::of($storefront),
            previewPrefix: '/preview/0/now',
        );
    }

    /** @param list<string> $css whose rules follow one another; each is parsed once */
    private function sheet(array $css): Stylesheet
    {
        return Stylesheet::joined(array_map(function (string $part): Stylesheet {
            $key = 'sheet-'.hash('xxh128', self::FORM.$part);

            return $this->kept($key, [Stylesheet::class, StyleRule::class]) ?? $this->keep($key, Stylesheet::parse($part));
        }, $css));
    }

    private function stored(string $key): ?ReachIndex
    {
        return $this->kept($key, [ReachIndex::class, PlaceMap::class, PairUse::class]);
    }

    private function store(string $key, ReachIndex $index): ReachIndex
    {
        return $this->keep($key, $index);
    }

    /** @param non-empty-list<class-string> $classes the first is what is asked for, all are what may be in it */
    private function kept(string $key, array $classes): mixed
    {
        $file = storage_path("reach/$key");
        $found = is_file($file) ? unserialize((string) file_get_contents($file), ['allowed_classes' => $classes]) : null;

        return $found instanceof $classes[0] ? $found : null;
    }

    /**
     * @template T of object
     *
     * @param T $made
     *
     * @return T
     */
    private function keep(string $key, object $made): object
    {
        $this->put($key, serialize($made));

        return $made;
    }

    private function put(string $key, string $content): void
    {
        // It is computed again when it is not there: a full disk makes it slow and nothing worse.
        WholeFile::put(storage_path("reach/$key"), $content);
    }

    private function sweep(): void
    {
        $old = glob(storage_path('reach/*')) ?: [];
        if (count($old) > self::KEEP) {
            usort($old, static fn(string $a, string $b): int => (int) @filemtime($a) <=> (int) @filemtime($b));
            array_map(static fn(string $file): bool => @unlink($file), array_slice($old, 0, intdiv(self::KEEP, 2)));
        }
    }
}
