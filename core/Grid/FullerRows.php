<?php

declare(strict_types=1);

namespace Ikat\Core\Grid;

/** Ways to leave fewer places of a shelf empty on a screen: other columns, or fewer products on a page. */
final readonly class FullerRows
{
    /** Products a page has at least. */
    private const LEAST = 4;

    /**
     * @param int $products of the shelf, of all its pages
     * @param float $screen width, px
     */
    public function __construct(private ShelfSolver $solver, private int $products, private float $screen) {}

    public function empty(): float
    {
        return $this->solver->empty([$this->products], $this->screen);
    }

    /**
     * The number of columns, as near as can be to those there are, that leaves fewer empty.
     *
     * @param list<int> $columns that can be set
     *
     * @return ?array{int, ShelfSolver} null where none does
     */
    public function columns(array $columns): ?array
    {
        $device = ShelfLook::deviceOf($this->screen);
        $now = $this->solver->look->columns[$device];
        $best = null;
        foreach ($columns as $wanted) {
            $other = new ShelfSolver($this->solver->look->with([$device => $wanted]));
            $isBetter = $wanted !== $now && $other->at($this->screen)->columns === $wanted && $this->isFuller($other);
            if ($isBetter && ($best === null || abs($wanted - $now) < abs($best[0] - $now))) {
                $best = [$wanted, $other];
            }
        }

        return $best;
    }

    /**
     * The page cut to its full rows, the rest going to the next.
     *
     * @return ?array{int, ShelfSolver} null where that is no better
     */
    public function page(): ?array
    {
        $onPage = min($this->products, $this->solver->look->count);
        $whole = $onPage - $onPage % $this->solver->at($this->screen)->columns;
        if ($whole < self::LEAST) {
            return null;
        }
        $other = new ShelfSolver($this->solver->look->with(count: $whole));

        return $this->isFuller($other) ? [$whole, $other] : null;
    }

    private function isFuller(ShelfSolver $other): bool
    {
        return $other->empty([$this->products], $this->screen) < $this->empty();
    }
}
