<?php

declare(strict_types=1);

namespace Ikat\Core\Grid\Filter;

/** A product as filters see it. */
final readonly class FilteredGoods
{
    /**
     * @param int $price in hundredths of the currency it is shown in
     * @param array<array-key, string> $facts name => fact
     */
    public function __construct(
        public int $id,
        public int $price,
        public bool $inStock,
        public bool $isReduced,
        public array $facts,
    ) {}
}
