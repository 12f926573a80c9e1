<?php

declare(strict_types=1);

namespace Ikat\Core\Grid;

use Ikat\Core\Check\Inspection;
use Ikat\Core\Check\Measurement;

/** How many products stand on the shelves of a storefront: whoever inspects supplies it. */
final readonly class ShelfCounts implements Measurement
{
    /** What a customer can ask a shelf for => in words. */
    public const FILTERS = ['all' => 'all', 'stock' => 'in stock', 'reduced' => 'reduced'];

    /**
     * @param array<string, array{name: string, all: int}> $shelves by the slug of the category, in order; the first of very many
     * @param int $categories of the storefront
     * @param int $products of the storefront
     * @param ?\Closure(string): array<string, int> $filtered slug => products of each shelf that fit a filter; null where nobody asks
     * @param int $featured products of the storefront that are
     */
    public function __construct(
        public array $shelves = [],
        public int $categories = 0,
        public int $products = 0,
        private ?\Closure $filtered = null,
        public int $featured = 0,
    ) {}

    /** An empty store: whoever inspects supplies the real one. */
    public static function measure(Inspection $inspection): self
    {
        return new self();
    }

    /**
     * @param key-of<self::FILTERS> $filter
     *
     * @return array<string, int> slug => products of each shelf
     */
    public function of(string $filter = 'all'): array
    {
        $all = array_map(static fn(array $shelf): int => $shelf['all'], $this->shelves);
        $fitting = $filter === 'all' || $this->filtered === null ? $all : ($this->filtered)($filter);

        return [...array_map(static fn(): int => 0, $all), ...array_intersect_key($fitting, $all)];
    }
}
