<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

/** What of the store's goods and pictures is not as it should be: whoever inspects supplies it. */
final readonly class ShelfState implements Measurement
{
    /**
     * @param array<int, string> $belowCost id => name of products that are sold for less than they cost, the first of them
     * @param int $belowCostMany of all
     * @param array<int, string> $unseen id => name of products on sale that have no picture, the first of them
     * @param int $unseenMany of all
     * @param int $wordless pictures of products that say nothing to those who cannot see them
     */
    public function __construct(
        public array $belowCost = [],
        public int $belowCostMany = 0,
        public array $unseen = [],
        public int $unseenMany = 0,
        public int $wordless = 0,
    ) {}

    public static function measure(Inspection $inspection): self
    {
        return new self();
    }
}
