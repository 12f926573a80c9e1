<?php

declare(strict_types=1);

namespace App\Storefront;

use App\Http\TypedRequest;
use Ikat\Core\Grid\Filter\FilterQuestion;

/** What somebody asks of a category's page. */
final readonly class CategoryQuestion
{
    private const MOST_PAGES = 10_000;

    /** Values of one list, and facts, that are read. */
    private const MOST_VALUES = 24;

    /**
     * @param string $sort key of a way to sort; empty, or one the shop does not have, for the shop's own
     * @param int $page from 1
     * @param string $cart what an address of the shop window names besides, to be handed on
     */
    public function __construct(
        public string $sort = '',
        public FilterQuestion $filters = new FilterQuestion(),
        public int $page = 1,
        public string $cart = '',
    ) {}

    public static function in(TypedRequest $request): self
    {
        return new self(
            $request->word('sort'),
            new FilterQuestion(
                $request->flag('stock'),
                $request->flag('reduced'),
                $request->words('price', self::MOST_VALUES),
                $request->lists('fact', self::MOST_VALUES),
            ),
            $request->whole('page', 1, 1, self::MOST_PAGES),
            $request->word('cart'),
        );
    }

    /** The same with other filters, from its first page on. */
    public function with(FilterQuestion $filters): self
    {
        return new self($this->sort, $filters, 1, $this->cart);
    }

    /** @return array<string, array<array-key, list<string>|string>|string> for the address of another page of the same */
    public function query(): array
    {
        $all = [
            'sort' => $this->sort, 'stock' => $this->filters->inStock ? '1' : '', 'reduced' => $this->filters->reduced ? '1' : '',
            'price' => $this->filters->prices, 'fact' => $this->filters->facts, 'cart' => $this->cart,
        ];

        return array_filter($all, static fn(array|string $value): bool => $value !== '' && $value !== []);
    }
}
