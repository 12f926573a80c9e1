<?php

declare(strict_types=1);

namespace Ikat\Core\Checkout;

/** How amounts of the store become those of a storefront that sells in another currency: each price by itself, before any sum. */
final readonly class Exchange
{
    /** A rate of one, in millionths. */
    public const ONE = 1_000_000;

    /** @param int $rate millionths of a unit of the storefront's currency for one of the store's, above 0 */
    public function __construct(private int $rate = self::ONE) {}

    /**
     * @param int $cents in the store's currency
     *
     * @return int hundredths of the storefront's, halves rounded away from nothing
     */
    public function of(int $cents): int
    {
        $half = $cents < 0 ? -intdiv(self::ONE, 2) : intdiv(self::ONE, 2);

        return $this->rate === self::ONE ? $cents : intdiv($cents * $this->rate + $half, self::ONE);
    }
}
