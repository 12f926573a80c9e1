<?php

declare(strict_types=1);

namespace Ikat\Core\Grid;

/** A shelf as it stands on one screen. All lengths in px. */
final readonly class ShelfForm
{
    /**
     * @param float $room between the edges of the page
     * @param int<1, max> $columns that fit: fewer than are set where a card would be too narrow to read
     * @param float $card width of a card, as long as its row is full
     * @param float $least that a card has: in a last row it grows up to twice that
     * @param float $gap between two cards of a row
     * @param float $rowGap between two rows
     * @param float $around px within a card, both sides of its picture together
     * @param float $picture height of a picture in rows of pictures that keep their proportions, before a row is filled
     * @param string $last what becomes of a last row that is not full, one of ShelfLook::LAST
     * @param key-of<ShelfLook::ARRANGED> $arrange how products stand
     * @param CardStand $stand where the words of a card do
     * @param float $aside px beside it, on its left
     */
    public function __construct(
        public float $room,
        public int $columns,
        public float $card,
        public float $least,
        public float $gap,
        public float $rowGap,
        public float $around,
        public float $picture,
        public string $last,
        public string $arrange,
        public CardStand $stand = new CardStand(),
        public float $aside = 0.0,
    ) {}

    /** Width of the picture of a card in a full row. */
    public function pictureWide(): float
    {
        return $this->stand->picture($this->card - $this->around);
    }

    public function rows(int $products): int
    {
        return intdiv($products + $this->columns - 1, $this->columns);
    }

    /** Places of the last row that no product has. */
    public function leftOver(int $products): int
    {
        return $this->rows($products) * $this->columns - $products;
    }

    /** Places of the last row where nothing is seen: fewer where its cards grow, none where a tile fills it. */
    public function empty(int $products): float
    {
        $left = $this->leftOver($products);
        $here = $this->columns - $left;

        return match (true) {
            $left === 0, $this->last === 'more' => 0.0,
            $this->last === 'stretch' => max(0.0, $left - $here),
            default => (float) $left,
        };
    }

    /** Width of a card in the last row. */
    public function lastCard(int $products): float
    {
        $here = $this->columns - $this->leftOver($products);

        return $this->last !== 'stretch' || $here === $this->columns
            ? $this->card
            : min(2 * $this->least + $this->gap, ($this->room - ($here - 1) * $this->gap) / $here);
    }

    /**
     * Products in the last row of each page.
     *
     * @param int $products of all pages
     * @param int<1, max> $count on a page
     *
     * @return list<int> products on each page
     */
    public static function pages(int $products, int $count): array
    {
        $full = intdiv($products, $count);
        $rest = $products % $count;

        return [...array_fill(0, $full, $count), ...($rest > 0 ? [$rest] : [])];
    }
}
