<?php

declare(strict_types=1);

namespace Ikat\Core\Grid\Filter;

final readonly class FilterOption
{
    /**
     * @param string $value of a fact, or a range of prices as FilterQuestion writes it
     * @param ?int $count products that would show with it, whatever else of its group is chosen; null where they are too many to count
     */
    public function __construct(public string $value, public ?int $count, public bool $isChosen) {}
}
