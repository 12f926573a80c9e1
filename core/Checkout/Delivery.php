<?php

declare(strict_types=1);

namespace Ikat\Core\Checkout;

/** A way to send an order: for whom it is there, and what it costs. */
final readonly class Delivery
{
    /**
     * @param int $price cents
     * @param ?int $freeFrom cents of goods after promotion from which it costs nothing; null for never
     * @param list<string> $countries codes of those it goes to; none for all
     * @param ?int $leastGrams of all that is sent; null for any
     * @param ?int $mostGrams of all that is sent; null for any
     * @param int $leastSum cents of goods from which it is there
     */
    public function __construct(
        public int $price,
        public ?int $freeFrom = null,
        public array $countries = [],
        public ?int $leastGrams = null,
        public ?int $mostGrams = null,
        public int $leastSum = 0,
    ) {}

    /** @param list<GoodsLine> $lines */
    public function takes(string $country, array $lines): bool
    {
        $grams = array_sum(array_map(static fn(GoodsLine $l): int => $l->grams * $l->quantity, $lines));
        $sum = array_sum(array_map(static fn(GoodsLine $l): int => $l->sum(), $lines));

        return ($this->countries === [] || in_array($country, $this->countries, true))
            && ($this->leastGrams === null || $grams >= $this->leastGrams)
            && ($this->mostGrams === null || $grams <= $this->mostGrams)
            && $sum >= $this->leastSum;
    }
}
