<?php

declare(strict_types=1);

namespace Ikat\Core\Store;

/** One of the ways a product comes: a size in a color, with stock of its own. */
final readonly class Variant
{
    /** Between the values of its name: "14 in / Natural". */
    public const BETWEEN = ' / ';

    private const KEPT = ';';

    /**
     * @param string $called its values, one of each option
     * @param int $more cents more than the product costs, or less than nothing
     * @param ?int $stock null where it is not counted
     * @param ?int $weight grams; null for the product's
     * @param ?int $picture id of the picture of the library that shows it; null for the product's
     */
    public function __construct(
        public string $called,
        public int $more = 0,
        public ?int $stock = null,
        public ?int $weight = null,
        public ?int $picture = null,
    ) {}

    /** @param string $kept as kept() gives it */
    public static function of(string $called, string $kept): self
    {
        [$more, $stock, $weight, $picture] = array_map(
            static fn(string $figures): ?int => $figures === '' ? null : (int) $figures,
            explode(self::KEPT, $kept) + ['', '', '', ''],
        );

        return new self($called, $more ?? 0, $stock, $weight, $picture);
    }

    public function kept(): string
    {
        return implode(self::KEPT, [$this->more === 0 ? '' : $this->more, $this->stock, $this->weight, $this->picture]);
    }

    public function isSold(): bool
    {
        return $this->stock === null || $this->stock > 0;
    }

    public function called(string $called): self
    {
        return new self($called, $this->more, $this->stock, $this->weight, $this->picture);
    }

    /** @param int $sold pieces, of which it has as many where they are counted */
    public function without(int $sold): self
    {
        $left = $this->stock === null ? null : $this->stock - $sold;

        return new self($this->called, $this->more, $left, $this->weight, $this->picture);
    }
}
