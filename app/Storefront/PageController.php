<?php

declare(strict_types=1);

namespace App\Storefront;

use App\Http\TypedRequest;
use App\Models\Category;
use App\Models\CurrentStore;
use App\Models\Document;
use App\Models\Page;
use App\Models\Product;
use App\Storeroom\RecordRows;
use Ikat\Core\Store\RecordKinds;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** Home, categories, products, search, pages of words. */
final class PageController
{
    /** Characters of what somebody looks for. */
    private const MOST_ASKED = 80;

    public function __construct(
        private readonly ShopPages $pages,
        private readonly ShopContext $shop,
        private readonly CurrentStore $current,
    ) {}

    public function home(): View
    {
        return $this->pages->home();
    }

    public function category(TypedRequest $request, string $category): View|Response|RedirectResponse
    {
        $found = $this->shop->storefront->categories()->firstWhere('slug', $category);

        return $found === null
            ? $this->formerly(RecordKinds::CATEGORIES, Category::class, $category)
            : $this->pages->category($found, CategoryQuestion::in($request));
    }

    public function product(string $product): View|Response|RedirectResponse
    {
        $found = $this->shop->storefront->goods()->firstWhere('slug', $product);

        return $found === null ? $this->formerly(RecordKinds::GOODS, Product::class, $product) : $this->pages->product($found);
    }

    public function search(TypedRequest $request): View
    {
        return $this->pages->search(mb_substr($request->word('q'), 0, self::MOST_ASKED));
    }

    public function page(string $page): View|Response|RedirectResponse
    {
        $found = Page::query()->firstWhere('slug', $page);

        return $found === null ? $this->formerly(RecordKinds::PAGES, Page::class, $page) : $this->pages->content($found);
    }

    /** A document is a file the web server finds; its address in the shop stays when another file takes its place. */
    public function document(string $document): View|Response|RedirectResponse
    {
        $found = Document::query()->firstWhere('slug', $document);

        return $found === null ? $this->formerly(RecordKinds::DOCUMENTS, Document::class, $document) : redirect($found->path);
    }

    public function nowhere(): Response
    {
        return response($this->pages->nowhere(), 404);
    }

    /**
     * Leads on from an address that a product, category, page or document had before.
     *
     * @param class-string<Category|Document|Page|Product> $model
     */
    private function formerly(string $kind, string $model, string $slug): View|Response|RedirectResponse
    {
        if ($slug === StandIns::SLUG && $this->shop->isPreview()) {
            return match ($kind) {
                RecordKinds::GOODS => $this->pages->product(StandIns::product()),
                RecordKinds::CATEGORIES => $this->pages->category(StandIns::category(), new CategoryQuestion()),
                default => $this->pages->content(StandIns::page()),
            };
        }
        $id = RecordRows::formerly($this->current, $kind, $slug);
        $found = $id === null ? null : $model::query()->find($id);
        $before = [
            RecordKinds::GOODS => 'product', RecordKinds::CATEGORIES => 'category', RecordKinds::PAGES => 'page',
            RecordKinds::DOCUMENTS => 'document',
        ][$kind];

        return $found instanceof Model
            ? redirect($this->shop->redirectAddress("/$before/{$found->getAttribute('slug')}"), 301)
            : $this->nowhere();
    }
}
