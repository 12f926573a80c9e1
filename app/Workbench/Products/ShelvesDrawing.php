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
     * @return list<array{n: int, x: float, y: float, width: float, picture: float, height: float}> on the drawing
     */
    public function cards(string $device): array
    {
        $shelf = $this->shelves[$device];
        $form = $shelf->form;
        $count = count($shelf->pictures);
        $side = ($shelf->screen[0] - $form->room) / 2;
        $cards = [];
        $y = $shelf->begins;
        foreach ($shelf->rows as $row => $height) {
            $in = min($form->columns, $count - $row * $form->columns);
            $width = $row === count($shelf->rows) - 1 ? $form->lastCard($count) : $form->card;
            $taken = $in * $width + ($in - 1) * $form->gap;
            $x = $side + (in_array($form->last, ['center', 'stretch'], true) ? ($form->room - $taken) / 2 : 0.0);
            for ($i = 0; $i < $in; $i++) {
                $n = $row * $form->columns + $i;
                $cards[] = [
                    'n' => $n, 'x' => $this->x($device, $x), 'y' => $this->y($device, $y), 'width' => round($width * $this->scale, 1),
                    'picture' => round($shelf->pictures[$n] * $this->scale, 1), 'height' => round($height * $this->scale, 1),
                ];
                $x += $width + $form->gap;
            }
            $y += $height + $form->rowGap;
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
        $shelf = $this->shelves[$device];
        $form = $shelf->form;
        $count = count($shelf->pictures);
        $left = $form->leftOver($count);
        if ($left === 0 || $count === 0) {
            return [];
        }
        $last = count($shelf->rows) - 1;
        $height = round($shelf->rows[$last] * $this->scale, 1);
        $y = $this->y($device, $shelf->ends - $shelf->rows[$last]);
        $side = ($shelf->screen[0] - $form->room) / 2;
        $at = static fn(int $column): float => $side + $column * ($form->card + $form->gap);
        $in = $form->columns - $left;
        $taken = $in * $form->lastCard($count) + ($in - 1) * $form->gap;
        $beside = ($form->room - $taken) / 2;
        $places = match ($form->last) {
            'more' => [[$at($in), $side + $form->room - $at($in)]],
            'leave' => array_map(static fn(int $n): array => [$at($in + $n), $form->card], range(0, $left - 1)),
            default => $beside < $form->gap + 2 ? [] : [
                [$side, $beside - $form->gap], [$side + $beside + $taken + $form->gap, $beside - $form->gap],
            ],
        };

        return array_map(fn(array $place): array => [
            'x' => $this->x($device, $place[0]), 'y' => $y, 'width' => round($place[1] * $this->scale, 1), 'height' => $height,
        ], $y < $this->bottom($device) ? $places : []);
    }
}
