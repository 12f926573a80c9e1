<?php

declare(strict_types=1);

namespace Ikat\Core\Grid;

use Ikat\Core\Image\Connection;
use Ikat\Core\Image\Sharpness;
use Ikat\Core\Image\SrcsetChoice;

/** What the pictures of a shelf weigh on one screen, and whether they have the pixels it needs. */
final readonly class ShelfWeight
{
    /** Share of the pixels needed below which a picture is seen to be blurred (common practice, no source). */
    private const SHARP = 0.75;

    /**
     * @param list<?array{width: int, bytes: non-empty-array<int, int>}> $pictures of each card: px of the largest file, and bytes of
     *     each file that is loaded by its width, smallest first; null where it has none
     * @param int $density dots of the screen by CSS px
     */
    public function __construct(
        private StandingShelf $shelf,
        private array $pictures,
        private int $density,
        private Connection $connection,
    ) {}

    /** Bytes of all pictures of the shelf, or of those that the first screen shows some of. */
    public function bytes(bool $ofFirstScreen = false): int
    {
        $sum = 0;
        foreach ($this->pictures as $n => $picture) {
            if ($picture !== null && (! $ofFirstScreen || $this->shelf->cards[$n]->y < $this->shelf->screen[1])) {
                $sum += $picture['bytes'][SrcsetChoice::of(array_keys($picture['bytes']), $this->shown($n), $this->density)];
            }
        }

        return $sum;
    }

    public function seconds(bool $ofFirstScreen = false): float
    {
        return $this->connection->seconds($this->bytes($ofFirstScreen));
    }

    /** Px of a file that the widest picture needs. */
    public function needed(): int
    {
        return (int) ceil($this->density * max([0.0, ...array_map($this->shown(...), array_keys($this->pictures))]));
    }

    /** @return array<int, float> number of a card whose picture is blurred => share of the pixels it needs */
    public function blurred(): array
    {
        $blurred = [];
        foreach ($this->pictures as $n => $picture) {
            $share = $picture === null ? 1.0 : Sharpness::share($picture['width'], $this->shown($n), $this->density);
            if ($share < self::SHARP) {
                $blurred[$n] = $share;
            }
        }

        return $blurred;
    }

    /** CSS px that a card's picture takes. */
    private function shown(int $n): float
    {
        return $this->shelf->form->stand->picture($this->shelf->cards[$n]->width - $this->shelf->form->around);
    }
}
