<?php

declare(strict_types=1);

namespace Ikat\Core\Grid\Filter;

/** What a shelf can be asked for of one kind: of its options any may hold. */
final readonly class FilterGroup
{
    /**
     * @param 'stock'|'reduced'|'price'|'fact' $kind
     * @param string $name of the fact
     * @param list<FilterOption> $options
     */
    public function __construct(public string $kind, public string $name, public array $options) {}

    /** @return list<FilterOption> */
    public function chosen(): array
    {
        return array_values(array_filter($this->options, static fn(FilterOption $o): bool => $o->isChosen));
    }
}
