<?php

declare(strict_types=1);

namespace App\Storefront;

use App\Models\Category;
use App\Models\DeliveryOffer;
use App\Models\Order;
use App\Models\Page;
use App\Models\Picture;
use App\Models\Product;
use App\Pictures\PictureFiles;
use App\Pictures\ShopPicture;
use App\Storeroom\ProductSearch;
use Ikat\Core\Checkout\GoodsLine;
use Ikat\Core\Checkout\PromotionRefusal;
use Ikat\Core\Grid\Filter\FilterQuestion;
use Ikat\Core\Grid\Filter\ShelfFilters;
use Ikat\Core\Setting\Catalog\GridSettings;
use Ikat\Core\Setting\Item;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection as Records;
use Illuminate\Pagination\LengthAwarePaginator;
use Illuminate\Support\Collection;

/** Every page of the shop, from what it shows. Who asks for it, and with what status it is answered, is for others to know. */
final class ShopPages
{
    public const NO_SUCH_WAY = 'That is not made just now. Choose it another way; everything in your cart is still here.';
    public const UNSOLD = 'That product cannot be bought just now. Everything else in your cart is still here.';
    public const NO_ORDER = 'There is no order with that number and address. Both stand in the letter we sent you.';
    public const WRONG_PASSWORD = 'That is not the password. Check capital letters and try again.';
    public const NO_DELIVERY_THERE = 'We have no way to send this there just now. Change where it goes, or send less at once.';
    public const NO_DELIVERY_CHOSEN = 'Choose how it should travel.';

    /** Products beside one, where it is not said. */
    private const BESIDE = 4;

    /** Products a search shows. */
    private const FOUND = 24;

    /** What a card shows of a product besides its own row. */
    private const CARD = ['picture', 'morePictures'];

    /** @var ?Collection<int, DeliveryOffer> */
    private ?Collection $ways = null;

    public function __construct(private readonly ShopContext $shop) {}

    /** @return Builder<Product> what this storefront sells */
    public function goods(): Builder
    {
        return $this->shop->storefront->goods();
    }

    public function home(): View
    {
        $rows = [];
        foreach ($this->shop->items('home.bands', 'band') as $band) {
            if ($band->kind === 'row') {
                $rows[$band->name()] = $this->row($band);
            }
        }

        return $this->page('home', ['rows' => $rows]);
    }

    public function category(Category $category, CategoryQuestion $asked): View
    {
        $sorts = $this->shop->text('grid.order') === '' ? array_diff_key(GridSettings::SORTS, ['hand' => true]) : GridSettings::SORTS;
        $sort = isset($sorts[$asked->sort]) ? $asked->sort : $this->shop->text('grid.sort');
        $isAsked = $this->shop->text('grid.filters') !== 'none';
        $question = $isAsked ? $asked->filters : new FilterQuestion();
        $filters = $isAsked ? CategoryFilters::of($this->shop)->read($category, $question) : null;
        $matching = $filters === null
            ? $category->goods()
                ->when($question->inStock, static fn(Builder $q) => $q->inStock())
                ->when($question->reduced, fn(Builder $q) => $q->reducedAt($this->shop->moment))
            : $category->goods()->when(! $filters->asked->isEmpty(), static fn(Builder $q) => $q->whereKey($filters->matching));
        $sorted = ShelfOrder::of($matching->with(self::CARD), $category, $sort, $this->shop->picks('grid.order'), $this->shop->moment);
        $products = $sorted->paginate($this->shop->number('grid.count'), page: $asked->page);
        if ($products->total() === 0 && $this->standsIn()) {
            $products = new LengthAwarePaginator(StandIns::products(8), 8, 8);
        }

        return $this->shelf($category, $products, $asked->with($filters->asked ?? $question), $sort, $sorts, $filters);
    }

    /** A category whose filters leave nothing, or one in the middle of its pages; null in a store without categories. */
    public function categoryState(bool $isPaged): ?View
    {
        /** @var ?Category $category */
        $category = $this->shop->storefront->categories()->orderBy('position')->first();
        if ($category === null) {
            return null;
        }
        if ($isPaged) {
            // All that a category can have.
            $category->setRelation('children', new Records([StandIns::category()]));
            $category->setRelation('picture', $category->picture ?? Picture::query()->orderBy('id')->first());
        }
        $products = $isPaged ? $category->goods()->with(self::CARD)->orderBy('position')->limit(2)->get() : collect();
        $shown = new LengthAwarePaginator($products, 3 * $products->count(), max(1, $products->count()), $isPaged ? 2 : 1);
        $asked = new CategoryQuestion(filters: new FilterQuestion(! $isPaged, ! $isPaged));
        $filters = CategoryFilters::of($this->shop)->read($category, $asked->filters);
        $sorts = array_diff_key(GridSettings::SORTS, ['hand' => true]);

        return $this->shelf($category, $shown, $asked, $this->shop->text('grid.sort'), $sorts, $filters, []);
    }

    /** @param string $problem why what was asked of it cannot be */
    public function product(Product $product, string $problem = ''): View
    {
        return $this->page('product', [
            'product' => $product->loadMissing([...self::CARD, 'category', 'reviews']), 'others' => $this->beside($product),
            'problem' => $problem,
            'deliveries' => $this->shop->on('product.delivery') ? $this->waysToSend($product) : collect(),
            'filmBytes' => $product->video === null ? null : app(PictureFiles::class)->bytesAt($product->video),
        ]);
    }

    /**
     * One of it to where the shop sells from.
     *
     * @return Collection<int, DeliveryOffer>
     */
    public function waysToSend(Product $product): Collection
    {
        $line = new GoodsLine($product->price, grams: $product->grams());

        return ($this->ways ??= DeliveryOffer::query()->orderBy('position')->get())
            ->filter(fn(DeliveryOffer $offer): bool => $offer->terms()->takes($this->shop->visitor->country(), [$line]))->values();
    }

    /**
     * @return Collection<int, Product> what the product says itself stands beside it, and then others of its category by the look's rule
     */
    public function beside(Product $product): Collection
    {
        if (! $this->shop->on('product.others')) {
            return collect();
        }
        // A release of an earlier Ikat says no number.
        $most = $this->shop->number('product.others.count') ?: self::BESIDE;
        $related = $product->related ?? [];
        $chosen = $related === [] ? collect() : $this->goods()->with(self::CARD)->whereIn('id', $related)->get()
            ->sortBy(static fn(Product $p): int|false => array_search($p->id, $related, true))
            ->take($most);
        $alike = $chosen->count() === $most ? collect() : $this->goods()->with(self::CARD)
            ->where('category_id', $product->category_id)
            ->whereKeyNot([$product->id ?? 0, ...$related])
            ->when($this->shop->text('product.others.by') === 'new', static fn(Builder $q) => $q->orderByDesc('added_on'))
            ->when(
                $this->shop->text('product.others.by') === 'price',
                static fn(Builder $q) => $q->orderByRaw('abs(cast(price as signed) - ?)', [$product->price]),
            )
            ->orderByDesc('sold')->orderBy('id')
            ->limit($most - $chosen->count())->get();

        return $chosen->concat($alike)->values();
    }

    /** @param ?Collection<int, Product> $products what is shown as found; looked for when null */
    public function search(string $asked, ?Collection $products = null): View
    {
        $products ??= $this->found($asked);

        return $this->page('search', [
            'asked' => $asked, 'products' => $products->isEmpty() && $this->standsIn() ? StandIns::products(4) : $products,
        ]);
    }

    /** @return Collection<int, Product> what is called so, in the language the shop is read in or in the first */
    private function found(string $asked): Collection
    {
        $found = ProductSearch::find($asked, self::FOUND, self::CARD, $this->shop->storefront);
        $originals = $this->shop->dictionary->originalsWith($asked, self::FOUND);
        if ($originals === []) {
            return $found;
        }
        $said = $this->goods()->with(self::CARD)->whereIn('name', $originals)->orderBy('position')->limit(self::FOUND)->get();

        return $said->concat($found)->unique('id')->take(self::FOUND)->values();
    }

    /** @param list<string> $slugs of products, in the order they are shown in */
    public function saved(array $slugs): View
    {
        return $this->page('saved', ['products' => $this->inOrder($slugs)]);
    }

    public function account(string $number = '', string $email = '', ?string $problem = null): View
    {
        return $this->page('account', ['number' => $number, 'email' => $email, 'problem' => $problem]);
    }

    /** @param ?string $refused a code that was typed and is none of the shop's */
    public function cart(?string $problem = null, ?string $refused = null): View
    {
        $cart = $this->shop->visitor->cart();
        $codeProblem = $cart?->code === null ? null : match ($this->shop->visitor->totals()->refusal) {
            PromotionRefusal::NotYet => 'This code has not begun yet.',
            PromotionRefusal::Over => 'This code has ended.',
            PromotionRefusal::TooLittle => 'This code needs a larger order. Add something and it will count.',
            PromotionRefusal::UsedUp => 'This code has been used as often as it can be.',
            PromotionRefusal::NotOnThese => 'This code is for other things than those in your cart.',
            null => null,
        };

        return $this->page('cart', [
            'problem' => $problem, 'codeTyped' => $refused ?? (string) $cart?->code,
            'codeProblem' => $refused === null
                ? $this->shop->say($codeProblem)
                : $this->shop->say('“:code” is not one of our codes. Check the spelling; your cart is unchanged.', ['code' => $refused]),
        ]);
    }

    /**
     * @param array<string, string> $details field => what was typed
     * @param array<string, string> $problems field => what to do
     */
    public function details(array $details, array $problems = []): View
    {
        return $this->page('checkout.details', ['details' => $details, 'problems' => $problems]);
    }

    public function delivery(?int $chosen, ?string $problem = null): View
    {
        return $this->page('checkout.delivery', [
            'offers' => $this->offers(), 'chosen' => $chosen, 'problem' => $problem,
        ]);
    }

    /** @return Collection<int, DeliveryOffer> */
    private function offers(): Collection
    {
        $offers = DeliveryOffer::query()->orderBy('position')->get()->filter($this->shop->visitor->isTakenBy(...))->values();

        return $offers->isEmpty() && $this->shop->isPreview() ? collect([StandIns::offer()]) : $offers;
    }

    public function paying(?string $problem = null, string $outcome = 'accept'): View
    {
        return $this->page('checkout.paying', ['problem' => $problem, 'outcome' => $outcome]);
    }

    public function received(Order $order): View
    {
        return $this->page('checkout.received', ['order' => $order]);
    }

    public function content(Page $page): View
    {
        return $this->page('page', ['page' => $page]);
    }

    public function letter(string $email, bool $isValid): View
    {
        return $this->page('letter', ['email' => $email, 'valid' => $isValid]);
    }

    /** @param string $state ask, joined, left or gone */
    public function letterLink(string $state, string $email = '', string $token = ''): View
    {
        return $this->page('letter-link', ['state' => $state, 'email' => $email, 'token' => $token]);
    }

    public function locked(?string $problem = null): View
    {
        return $this->page('locked', ['problem' => $problem]);
    }

    /** @param array<int, string> $words what happened, and what to do */
    public function trouble(int $status, array $words): View
    {
        return $this->page('trouble', ['status' => $status, 'words' => $words]);
    }

    public function nowhere(): View
    {
        return $this->page('nowhere', []);
    }

    /** @param array<string, mixed> $shown */
    private function page(string $name, array $shown): View
    {
        return view("shop.$name", ['shop' => $this->shop, ...$shown]);
    }

    /**
     * @param LengthAwarePaginator<int, Product> $products
     * @param array<string, string> $sorts
     * @param ?ShelfFilters $filters null of a category of very many products
     * @param ?array<string, mixed> $query what other pages of the same are asked with; the question's own when null
     */
    private function shelf(
        Category $category,
        LengthAwarePaginator $products,
        CategoryQuestion $asked,
        string $sort,
        array $sorts,
        ?ShelfFilters $filters,
        ?array $query = null,
    ): View {
        return $this->page('category', [
            'category' => $category->loadMissing(['children', 'parent', 'picture']), 'products' => $products, 'sort' => $sort,
            'sorts' => $sorts, 'question' => $asked, 'groups' => CategoryFilters::groups($asked->filters, $filters),
            'asked' => $query ?? $asked->query(), 'onward' => $this->after($category),
        ]);
    }

    /**
     * Where a last row that is filled leads on from a category: to the one whose shelf comes after it, the first after the last.
     *
     * @return ?array{string, string, ?ShopPicture} address, words and what is seen of it; null where there is none
     */
    private function after(Category $category): ?array
    {
        if ($this->shop->lastRow() !== 'more') {
            return null;
        }
        $in = fn(): Builder => $this->shop->storefront->categories()->with('picture')->whereKeyNot($category->id ?? 0)
            ->orderBy('position')->orderBy('id');
        $next = $in()->whereRaw('(position, id) > (?, ?)', [$category->position ?? 0, $category->id ?? 0])->first() ?? $in()->first();
        if ($next === null) {
            return null;
        }
        $picture = $next->picture ?? $next->arranged($next->goods()->whereNotNull('picture_id')->with('picture'))->first()?->picture;

        return [
            "/category/$next->slug",
            $this->shop->say('On to :name', ['name' => $this->shop->say($next->name)]),
            $picture === null ? null : ShopPicture::of($picture),
        ];
    }

    /** Whether a preview shows stand-ins for what the store does not have yet. */
    private function standsIn(): bool
    {
        return $this->shop->isPreview() && StandIns::areNeeded();
    }

    /** @return Collection<int, Product> */
    private function row(Item $band): Collection
    {
        $count = $this->shop->number($band->path('count'));
        $source = $this->shop->text($band->path('source'));
        if ($source === 'hand') {
            return $this->inOrder(array_slice($this->shop->picks($band->path('products')), 0, $count));
        }
        $query = $this->goods()->with(self::CARD);
        $ordered = match ($source) {
            'new' => $query->orderByDesc('added_on'),
            'sold' => $query->orderByDesc('sold'),
            default => $query->where('featured', true)->orderBy('position'),
        };

        $found = $ordered->orderBy('id')->limit($count)->get();

        return $found->isEmpty() && $this->standsIn() ? StandIns::products($count) : $found;
    }

    /**
     * @param list<string> $slugs
     *
     * @return Collection<int, Product> those that are there, in that order
     */
    private function inOrder(array $slugs): Collection
    {
        return $this->goods()->with(self::CARD)->whereIn('slug', $slugs)->get()
            ->sortBy(static fn(Product $p): int|false => array_search($p->slug, $slugs, true))
            ->values();
    }
}
