<?php

declare(strict_types=1);

namespace Ikat\Core\ProductPage;

/** A product's page as it stands on one screen. All lengths in px, from the top of the page and from the left of what is in it. */
final readonly class StandingProduct
{
    /**
     * @param array{int, int} $screen width and height
     * @param float $room width of what is in the page
     * @param bool $isBeside whether details stand beside pictures
     * @param list<array{x: float, y: float, width: float, height: float}> $pictures in order, with films
     * @param array{x: float, y: float, width: float, height: float} $gallery all of them, with what goes through them
     * @param array{x: float, y: float, width: float, height: float} $head labels, name and line under it
     * @param array<string, array{x: float, y: float, width: float, height: float}> $blocks by key of ProductBlocks, those that show
     * @param ?float $button where the foot of the button to buy is; null where there is none
     * @param bool $buttonStays whether it is always in sight
     * @param float $ends where the last of it does
     */
    public function __construct(
        public array $screen,
        public float $room,
        public bool $isBeside,
        public array $pictures,
        public array $gallery,
        public array $head,
        public array $blocks,
        public ?float $button,
        public bool $buttonStays,
        public float $ends,
    ) {}

    /** Screens from the top of the page to the foot of the button; null where there is none, 0 where it stays in sight. */
    public function screensToBuy(): ?float
    {
        return match (true) {
            $this->button === null => null,
            $this->buttonStays => 0.0,
            default => $this->button / $this->screen[1],
        };
    }
}
