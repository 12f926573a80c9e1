<?php

declare(strict_types=1);

namespace App\Storefront;

use App\Models\Category;
use App\Models\Product;
use Ikat\Core\Grid\Filter\FilteredGoods;
use Ikat\Core\Grid\Filter\FilterGroup;
use Ikat\Core\Grid\Filter\FilterOption;
use Ikat\Core\Grid\Filter\FilterQuestion;
use Ikat\Core\Grid\Filter\ShelfFilters;

/** What a category's shelf can be asked for, in a shop's words. */
final readonly class CategoryFilters
{
    /** Products of a category that are gone through: of more, only what is in stock or reduced is asked of the database. */
    public const MOST = 5000;

    /** @param bool $byPrice whether prices are offered; $byFacts the same of facts */
    public function __construct(private ShopContext $shop, private bool $byPrice, private bool $byFacts) {}

    public static function of(ShopContext $shop): self
    {
        return new self($shop, $shop->on('grid.filters.price'), $shop->on('grid.filters.facts'));
    }

    /** @return ?ShelfFilters null of a category of more products than are gone through */
    public function read(Category $category, FilterQuestion $asked): ?ShelfFilters
    {
        if ($category->goods()->offset(self::MOST)->limit(1)->exists()) {
            return null;
        }
        $rows = $category->goods()
            ->get(['id', 'price', 'reduced', 'reduced_from', 'reduced_until', 'stock', ...$this->byFacts ? ['facts'] : []]);
        $exchange = $this->shop->storefront->exchange();
        $moment = $this->shop->moment;

        return new ShelfFilters(
            array_values($rows->map(static fn(Product $p): FilteredGoods => new FilteredGoods(
                $p->id,
                $exchange->of($p->priceOf()->at($moment)),
                ! $p->isSoldOut(),
                $p->priceOf()->isReducedAt($moment),
                $p->facts ?? [],
            ))->all()),
            $asked,
            $this->byPrice,
            $this->byFacts,
        );
    }

    /** @return list<FilterGroup> of a category of very many products none is counted */
    public static function groups(FilterQuestion $asked, ?ShelfFilters $filters): array
    {
        return $filters->groups ?? [
            new FilterGroup('stock', '', [new FilterOption('1', null, $asked->inStock)]),
            new FilterGroup('reduced', '', [new FilterOption('1', null, $asked->reduced)]),
        ];
    }

    /** What a group of choices is called; empty of one that stands by itself. */
    public function name(FilterGroup $group): string
    {
        return match ($group->kind) {
            'price' => $this->shop->say('Price'),
            'fact' => $this->shop->say($group->name),
            default => '',
        };
    }

    public function words(FilterGroup $group, FilterOption $option): string
    {
        return match ($group->kind) {
            'stock' => $this->shop->say('In stock'),
            'reduced' => $this->shop->say('Reduced'),
            'price' => $this->range($option->value),
            'fact' => $this->shop->say($option->value),
        };
    }

    /** Under which name a choice is sent. */
    public static function field(FilterGroup $group): string
    {
        return match ($group->kind) {
            'price' => 'price[]',
            'fact' => "fact[$group->name][]",
            default => $group->kind,
        };
    }

    private function range(string $value): string
    {
        [$from, $to] = explode('-', $value);
        $sum = fn(string $cents): string => $this->shop->price((int) $cents, $this->shop->storefront->sellsIn());

        return match (true) {
            $from === '0' => $this->shop->say('under :sum', ['sum' => $sum($to)]),
            $to === '' => $this->shop->say(':sum and more', ['sum' => $sum($from)]),
            default => $this->shop->say(':from to under :to', ['from' => $sum($from), 'to' => $sum($to)]),
        };
    }
}
