<?php

declare(strict_types=1);

namespace Ikat\Core\Grid;

/** A shelf with its goods as it stands on one screen, from the top of its page on. All lengths in px. */
final readonly class StandingShelf
{
    /** Where it ends. */
    public float $ends;

    /** Products whose whole picture is seen before anything is scrolled. */
    public int $seen;

    /**
     * @param array{int, int} $screen width and height
     * @param float $begins where its first row does
     * @param list<float> $rows height of each
     * @param list<float> $pictures height of each product's
     * @param list<int> $lines that each product's name shows
     */
    public function __construct(
        public array $screen,
        public ShelfForm $form,
        public float $begins,
        public array $rows,
        public array $pictures,
        public array $lines,
    ) {
        $seen = 0;
        $y = $begins;
        foreach ($rows as $row => $height) {
            foreach (array_slice($pictures, $row * $form->columns, $form->columns) as $picture) {
                $seen += $y + $picture <= $screen[1] ? 1 : 0;
            }
            $y += $height + $form->rowGap;
        }
        $this->ends = $rows === [] ? $begins : $y - $form->rowGap;
        $this->seen = $seen;
    }

    /** How often the screen would have to be as tall to see its end. */
    public function screens(): float
    {
        return $this->ends / $this->screen[1];
    }
}
