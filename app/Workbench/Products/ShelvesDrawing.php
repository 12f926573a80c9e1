<?php

declare(strict_types=1);

namespace App\Workbench\Products;

use Ikat\Core\Grid\StandingShelf;

/**
 * Shelves of three screens beside one another, at one scale: the cards of each row by row, from a little over the first one on, and where
 * its first screen ends. The longest is cut off at the foot.
 */
final readonly class ShelvesDrawing
{
    public const WIDTH = 816;
    public const TOP = 46;

    /** Px on the drawing that a shelf may take down, and its scale at most and at least. */
    private const DEPTH = 172.0;
    private const MOST = 0.19;
    private const LEAST = 0.08;

    /** Px beside each shelf for its figures, and of the strip of even numbers. */
    private const FIGURES = 110;
    private const STRIP = 72;

    /** Px of the page over a shelf that are drawn. */
    private const OVER = 60.0;

    public float $scale;

    public float $height;

    /** @var array<string, float> device => its left edge */
    public array $left;

    /** @param array<string, StandingShelf> $shelves by device */
    public function __construct(private array $shelves)
    {
        $lengths = array_map(static fn(StandingShelf $s): float => self::OVER + $s->ends - $s->begins + 24, $shelves);
        sort($lengths);
        $screens = array_sum(array_map(static fn(StandingShelf $s): int => $s->screen[0], $shelves));
        $this->scale = min(
            self::MOST,
            // All of the second longest is seen, as a rule the tablet's.
            max(self::LEAST, self::DEPTH / max(1.0, $lengths[max(0, count($lengths) - 2)])),
            (self::WIDTH - count($shelves) * self::FIGURES) / max(1, $screens),
        );
        $beside = (self::WIDTH - $screens * $this->scale) / max(1, count($shelves));
        $x = 6.0;
        $left = [];
        foreach ($shelves as $device => $shelf) {
            $left[$device] = round($x, 1);
            $x += $shelf->screen[0] * $this->scale + $beside;
        }
        $this->left = $left;
        $this->height = self::TOP + self::DEPTH + self::STRIP + 8;
    }

    /** Where the strip of even numbers begins. */
    public function strip(): float
    {
        return $this->height - self::STRIP;
    }

    /** Down to where a shelf is drawn. */
    public function bottom(string $device): float
    {
        return min($this->y($device, $this->shelves[$device]->ends + 24), self::TOP + self::DEPTH);
    }

    /** @param float $px from the top of the page */
    public function y(string $device, float $px): float
    {
        return round(self::TOP + max(0.0, $px - $this->shelves[$device]->begins + self::OVER) * $this->scale, 1);
    }

    public function x(string $device, float $px): float
    {
        return round($this->left[$device] + $px * $this->scale, 1);
    }

    /**
     * Cards as they stand, those whose top is in sight.
     *
     * @return list<array{n: int, x: float, y: float, width: float, picture: float, lines: int, inner: float, words: array{float, float,
     *     float}}>
     *     on the drawing: what its picture takes of its width, and from where on its words stand and how wide they are
     */
    public function cards(string $device): array
    {
        $cards = [];
        foreach ($this->shelves[$device]->cards as $n => $card) {
            $place = $this->place($device, $card->x, $card->y, $card->width);
            $form = $this->shelves[$device]->form;
            $room = $card->width - $form->around;
            $isSplit = $form->stand->splits($room);
            $px = fn(float $length): float => round($length * $this->scale, 1);
            $words = $isSplit ? $form->stand->words($room) : $card->width;
            $cards[] = [
                'n' => $n, ...$place, 'picture' => $px($card->picture), 'lines' => $card->lines,
                'inner' => $px($isSplit ? $form->stand->picture($room) : $card->width),
                'words' => [$place['x'] + $px($card->width - $words), $place['y'] + ($isSplit ? 0.0 : $px($card->picture)), $px($words)],
            ];
        }

        return array_values(array_filter($cards, fn(array $card): bool => $card['y'] < $this->bottom($device)));
    }

    /**
     * Places of the last row that no product has: empty ones, or the one tile that fills them.
     *
     * @return list<array{x: float, y: float, width: float, height: float}> on the drawing
     */
    public function places(string $device): array
    {
        $places = array_map(
            fn(array $p): array => [
                ...$this->place($device, $p['x'], $p['y'], $p['width']), 'height' => round($p['height'] * $this->scale, 1),
            ],
            $this->shelves[$device]->places,
        );

        return array_values(array_filter($places, fn(array $place): bool => $place['y'] < $this->bottom($device)));
    }

    /** @return array{x: float, y: float, width: float} on the drawing */
    private function place(string $device, float $x, float $y, float $width): array
    {
        $shelf = $this->shelves[$device];

        return ['x' => $this->x($device, $shelf->left() + $x), 'y' => $this->y($device, $y), 'width' => round($width * $this->scale, 1)];
    }
}
