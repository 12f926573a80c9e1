<?php

declare(strict_types=1);

namespace Ikat\Core\Grid;

/** What a card says of a product. */
final readonly class ShelfGoods
{
    /**
     * @param bool $canBuy whether its card may have a button
     * @param ?float $proportion of its picture; null without one
     * @param string $price all that stands on its line
     */
    public function __construct(
        public string $name,
        public string $note,
        public bool $isRated,
        public bool $canBuy,
        public ?float $proportion = null,
        public string $price = '0',
    ) {}
}
