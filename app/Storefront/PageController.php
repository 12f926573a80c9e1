<?php

declare(strict_types=1);

namespace App\Storefront;

use App\Http\TypedRequest;
use App\Models\Category;
use App\Models\Page;
use App\Models\Product;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;

/** Home, categories, products, search, pages of words. */
final class PageController
{
    /** Characters of what somebody looks for. */
    private const MOST_ASKED = 80;

    public function __construct(private readonly ShopPages $pages) {}

    public function home(): View
    {
        return $this->pages->home();
    }

    public function category(TypedRequest $request, string $category): View|Response
    {
        $found = Category::query()->firstWhere('slug', $category);

        return $found === null ? $this->nowhere() : $this->pages->category($found, CategoryQuestion::in($request));
    }

    public function product(string $product): View|Response
    {
        $found = Product::query()->firstWhere('slug', $product);

        return $found === null ? $this->nowhere() : $this->pages->product($found);
    }

    public function search(TypedRequest $request): View
    {
        return $this->pages->search(mb_substr($request->word('q'), 0, self::MOST_ASKED));
    }

    public function page(string $page): View|Response
    {
        $found = Page::query()->firstWhere('slug', $page);

        return $found === null ? $this->nowhere() : $this->pages->content($found);
    }

    public function nowhere(): Response
    {
        return response($this->pages->nowhere(), 404);
    }
}
