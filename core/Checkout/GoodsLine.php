<?php

declare(strict_types=1);

namespace Ikat\Core\Checkout;

/** Some of one thing in a cart. */
final readonly class GoodsLine
{
    /**
     * @param int $each cents
     * @param bool $isMeant whether the promotion is meant for it
     * @param string $taxClass key of a class of TaxRates
     * @param int $grams of each
     */
    public function __construct(
        public int $each,
        public int $quantity = 1,
        public bool $isMeant = true,
        public string $taxClass = TaxRates::NORMAL,
        public int $grams = 0,
    ) {}

    public function sum(): int
    {
        return $this->each * $this->quantity;
    }
}
