<?php

declare(strict_types=1);

namespace Ikat\Core\Grid;

/** A shelf with its goods as it stands on one screen. All lengths in px, from the top of the page and from the left of the shelf. */
final readonly class StandingShelf
{
    /** Products whose whole picture is seen before anything is scrolled. */
    public int $seen;

    /**
     * @param array{int, int} $screen width and height
     * @param float $begins where its first row does
     * @param float $ends where its last one does
     * @param list<PlacedCard> $cards of its goods, in order
     * @param list<array{x: float, y: float, width: float, height: float}> $places of its last row that no product has: empty ones, or
     *     the one tile that fills them
     */
    public function __construct(
        public array $screen,
        public ShelfForm $form,
        public float $begins,
        public float $ends,
        public array $cards,
        public array $places,
    ) {
        $this->seen = count(array_filter($cards, static fn(PlacedCard $card): bool => $card->y + $card->picture <= $screen[1]));
    }

    /** Where its left edge stands on the screen. */
    public function left(): float
    {
        return ($this->screen[0] - $this->form->room + $this->form->aside) / 2;
    }

    /** How often the screen would have to be as tall to see its end. */
    public function screens(): float
    {
        return $this->ends / $this->screen[1];
    }

    /**
     * Share of the shelf where neither a picture nor words of a product stand, 0..1; what is between them counts.
     *
     * @param list<float> $empty share of the frame of each product's picture that stays empty, where pictures are shown whole; none
     *     where they fill it
     */
    public function white(array $empty = []): float
    {
        $area = $this->form->room * ($this->ends - $this->begins);
        $taken = 0.0;
        foreach ($this->cards as $n => $card) {
            $taken += $card->width * ($card->height - ($empty[$n] ?? 0.0) * $card->picture);
        }

        return $area <= 0 ? 0.0 : max(0.0, 1 - $taken / $area);
    }
}
