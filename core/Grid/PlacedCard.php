<?php

declare(strict_types=1);

namespace Ikat\Core\Grid;

/** Where a product's card stands on a shelf. All lengths in px. */
final readonly class PlacedCard
{
    /**
     * @param float $x from the left of the shelf
     * @param float $y from the top of the page
     * @param float $height of what it shows: its row may be taller
     * @param float $picture height of its picture
     * @param int $lines of its name
     */
    public function __construct(
        public float $x,
        public float $y,
        public float $width,
        public float $height,
        public float $picture,
        public int $lines,
    ) {}

    public function down(float $y): self
    {
        return new self($this->x, $this->y + $y, $this->width, $this->height, $this->picture, $this->lines);
    }
}
