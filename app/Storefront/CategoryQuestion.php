<?php

declare(strict_types=1);

namespace App\Storefront;

use App\Http\TypedRequest;

/** What somebody asks of a category's page. */
final readonly class CategoryQuestion
{
    private const MOST_PAGES = 10_000;

    /**
     * @param string $sort key of a way to sort; empty, or one the shop does not have, for the shop's own
     * @param int $page from 1
     * @param string $cart what an address of the shop window names besides, to be handed on
     */
    public function __construct(
        public string $sort = '',
        public bool $inStock = false,
        public bool $reduced = false,
        public int $page = 1,
        public string $cart = '',
    ) {}

    public static function in(TypedRequest $request): self
    {
        return new self(
            $request->word('sort'),
            $request->flag('stock'),
            $request->flag('reduced'),
            $request->whole('page', 1, 1, self::MOST_PAGES),
            $request->word('cart'),
        );
    }

    /** @return array<string, string> for the address of another page of the same */
    public function query(): array
    {
        $all = ['sort' => $this->sort, 'stock' => $this->inStock ? '1' : '', 'reduced' => $this->reduced ? '1' : '', 'cart' => $this->cart];

        return array_filter($all, static fn(string $value): bool => $value !== '');
    }
}
