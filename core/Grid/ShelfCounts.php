<?php

declare(strict_types=1);

namespace Ikat\Core\Grid;

use Ikat\Core\Check\Inspection;
use Ikat\Core\Check\Measurement;

/**
 * How many products stand on the shelves of a storefront: whoever inspects supplies it.
 *
 * @phpstan-type Shelf array{name: string, all: int, stock: int, reduced: int}
 */
final readonly class ShelfCounts implements Measurement
{
    /** What a customer can ask a shelf for => in words. */
    public const FILTERS = ['all' => 'all', 'stock' => 'in stock', 'reduced' => 'reduced'];

    /**
     * @param array<string, Shelf> $shelves by the slug of the category, in order; the first of very many
     * @param int $categories of the storefront
     * @param int $products of the storefront
     */
    public function __construct(public array $shelves = [], public int $categories = 0, public int $products = 0) {}

    /** An empty store: whoever inspects supplies the real one. */
    public static function measure(Inspection $inspection): self
    {
        return new self();
    }

    /**
     * @param key-of<self::FILTERS> $filter
     *
     * @return list<int> products of each shelf that has any
     */
    public function of(string $filter = 'all'): array
    {
        return array_values(array_filter(array_column($this->shelves, $filter)));
    }
}
