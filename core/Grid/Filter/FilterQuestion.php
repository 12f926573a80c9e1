<?php

declare(strict_types=1);

namespace Ikat\Core\Grid\Filter;

/** What somebody asks a shelf for. */
final readonly class FilterQuestion
{
    /**
     * @param list<string> $prices ranges: from-to in hundredths, without the end for any above
     * @param array<array-key, list<string>> $facts name => values
     */
    public function __construct(
        public bool $inStock = false,
        public bool $reduced = false,
        public array $prices = [],
        public array $facts = [],
    ) {}

    /** @param array{int, ?int} $band */
    public static function range(array $band): string
    {
        return "$band[0]-$band[1]";
    }

    public function isEmpty(): bool
    {
        return ! $this->inStock && ! $this->reduced && $this->prices === [] && $this->facts === [];
    }

    /** The same without one of its parts, or with it. */
    public function turned(string $kind, string $name, string $value): self
    {
        return new self(
            $kind === 'stock' ? ! $this->inStock : $this->inStock,
            $kind === 'reduced' ? ! $this->reduced : $this->reduced,
            $kind === 'price' ? self::other($this->prices, $value) : $this->prices,
            $kind === 'fact'
                ? array_filter(array_replace($this->facts, [$name => self::other($this->facts[$name] ?? [], $value)]))
                : $this->facts,
        );
    }

    /**
     * @param list<string> $list
     *
     * @return list<string> without a value, or with it
     */
    private static function other(array $list, string $value): array
    {
        return in_array($value, $list, true) ? array_values(array_diff($list, [$value])) : [...$list, $value];
    }
}
