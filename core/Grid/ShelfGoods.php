<?php

declare(strict_types=1);

namespace Ikat\Core\Grid;

/** What a card says of a product. */
final readonly class ShelfGoods
{
    /** @param bool $canBuy whether its card may have a button */
    public function __construct(public string $name, public string $note, public bool $isRated, public bool $canBuy) {}
}
