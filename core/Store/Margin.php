<?php

declare(strict_types=1);

namespace Ikat\Core\Store;

/** What a price leaves after what the thing cost, in whole cents. */
final readonly class Margin
{
    /**
     * @param int $price cents, without tax
     * @param int $cost cents
     */
    public function __construct(public int $price, public int $cost) {}

    /** @return int cents; less than nothing where it costs more than it brings */
    public function left(): int
    {
        return $this->price - $this->cost;
    }

    /** Percent of the price that is left, to the nearest whole one, halves away from nothing; null where the price is nothing. */
    public function percent(): ?int
    {
        if ($this->price === 0) {
            return null;
        }
        $twice = intdiv(200 * abs($this->left()) + $this->price, 2 * $this->price);

        return $this->left() < 0 ? -$twice : $twice;
    }
}
