<?php

declare(strict_types=1);

namespace App\Storefront;

use App\Models\Product;
use Ikat\Core\Grid\LabelRules;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;

/** A product of each kind that a card tells apart, as far as the store has one: what a card has to hold. */
final readonly class CardKinds
{
    /** Kind => what is said of it. */
    public const WORDS = [
        'long' => 'longest name', 'reduced' => 'reduced', 'gone' => 'sold out', 'new' => 'new', 'own' => 'its own label',
        'bare' => 'no picture', 'unrated' => 'no rating', 'rated' => 'rated', 'ways' => 'from a price up', 'currency' => 'another currency',
        'rtl' => 'right to left',
    ];

    /** Products that are looked through, the first ones. */
    private const AMONG = 2000;

    /** A currency of small units, and how many of them are about one of the store's: forints (from memory). */
    private const CURRENCY = ['HUF', 400];

    /** @param \Closure(): Builder<Product> $goods of the storefront */
    public function __construct(private \Closure $goods) {}

    /** @return array<key-of<self::WORDS>, Product> with their pictures, those there are */
    public function every(): array
    {
        $end = ($this->goods)()->orderBy('position')->orderBy('id')->skip(self::AMONG)->value('position');
        $first = fn(callable $kind): ?Product => $this->first($kind, $end);
        $found = array_filter(array_map($first, [
            'reduced' => static fn(Builder $q) => $q->scopes(['reducedAt' => [now()], 'inStock' => []]),
            'gone' => static fn(Builder $q) => $q->where('stock', 0),
            'new' => static fn(Builder $q) => $q->where('added_on', '>=', now()->subDays(LabelRules::NEW_FOR_DAYS)),
            'own' => static fn(Builder $q) => $q->whereNotNull('label'),
            'bare' => static fn(Builder $q) => $q->whereNull('picture_id'),
            'unrated' => static fn(Builder $q) => $q->whereNull('rating'),
            'rated' => static fn(Builder $q) => $q->whereNotNull('rating'),
            'ways' => static fn(Builder $q) => $q->where('variants', 'like', '%_____%'),
            'long' => static fn(Builder $q) => $q->orderByRaw('char_length(name) desc'),
        ]));
        $any = $first(static fn(Builder $q) => $q);
        if ($any !== null) {
            $found['currency'] = $this->inAnotherCurrency($any);
            $found['rtl'] = $this->like($any, ['name' => 'فانوس من الورق المطوي باليد', 'note' => 'ورق التوت', 'label' => null]);
        }

        return $found;
    }

    /** @return Collection<int, Product> each once */
    public function once(): Collection
    {
        // Nobody has copied those that are made up.
        $isMade = static fn(Product $p, string $kind): bool => in_array($kind, ['currency', 'rtl'], true);
        [$made, $found] = collect($this->every())->partition($isMade);

        return $found->unique('id')->concat($made)->values();
    }

    /**
     * @param callable(Builder<Product>): mixed $kind
     * @param ?int $end position before which products are looked through; null for all
     */
    private function first(callable $kind, ?int $end): ?Product
    {
        $query = ($this->goods)()->with(['picture', 'morePictures']);
        $kind($query);

        return $query->when($end !== null, static fn(Builder $q) => $q->where('position', '<', $end))
            ->orderBy('position')->orderBy('id')->first();
    }

    private function inAnotherCurrency(Product $product): Product
    {
        [$currency, $rate] = self::CURRENCY;
        $other = $this->like($product, [
            'price' => $rate * $product->price, 'reduced' => $product->reduced === null ? null : $rate * $product->reduced,
        ]);
        $other->pricedIn = $currency;

        return $other;
    }

    /** @param array<string, mixed> $values of its own */
    private function like(Product $product, array $values): Product
    {
        return (clone $product)->fill($values)->setRelation('picture', $product->picture)
            ->setRelation('morePictures', $product->morePictures);
    }
}
