<?php

declare(strict_types=1);

namespace App\Workbench\Products;

use Ikat\Core\ProductPage\StandingProduct;

/**
 * A product's page at true proportion: on a desktop, with a plate for each of its blocks beside it, and on a phone, screen by screen, one
 * beside another. What is longer is cut off.
 */
final readonly class ProductDrawing
{
    public const WIDTH = 816;
    public const TOP = 26.0;
    public const HEIGHT = 278.0;

    /** The desktop's page: its left edge and scale; what is drawn of it ends at the foot of the drawing. */
    public const LEFT = 6.0;
    public const SCALE = 0.25;

    /** The plates: left edge, width, and how far apart they stand. */
    public const PLATES = 352.0;
    public const PLATE = 166.0;
    public const EACH = 24.0;

    /** The phone's screens: left edge of the first, scale, how far apart, and how many. */
    private const PHONE = 536.0;
    private const SMALL = 0.215;
    private const APART = 10.0;
    public const SCREENS = 3;

    public function __construct(public StandingProduct $desktop, public StandingProduct $phone) {}

    public function width(): float
    {
        return $this->desktop->screen[0] * self::SCALE;
    }

    public function foot(): float
    {
        return min(self::HEIGHT - 4, self::TOP + $this->desktop->ends * self::SCALE);
    }

    /** @param float $px from the left of what is in the page */
    public function x(float $px): float
    {
        return round(self::LEFT + (($this->desktop->screen[0] - $this->desktop->room) / 2 + $px) * self::SCALE, 1);
    }

    public function y(float $px): float
    {
        return round(self::TOP + $px * self::SCALE, 1);
    }

    /**
     * @param array{x: float, y: float, width: float, height: float} $box
     *
     * @return array{x: float, y: float, width: float, height: float} on the drawing
     */
    public function box(array $box): array
    {
        return [
            'x' => $this->x($box['x']), 'y' => $this->y($box['y']),
            'width' => round($box['width'] * self::SCALE, 1), 'height' => round($box['height'] * self::SCALE, 1),
        ];
    }

    /** Left edge of a screen of the phone, from 0. */
    public function screen(int $n): float
    {
        return self::PHONE + $n * ($this->phone->screen[0] * self::SMALL + self::APART);
    }

    /** @return array{float, float} width and height of a screen of the phone */
    public function small(): array
    {
        return [round($this->phone->screen[0] * self::SMALL, 1), round($this->phone->screen[1] * self::SMALL, 1)];
    }

    /**
     * What of a box stands on a screen of the phone.
     *
     * @param array{x: float, y: float, width: float, height: float} $box
     *
     * @return ?array{x: float, y: float, width: float, height: float} on the drawing, perhaps beyond the screen's edges; null for none
     */
    public function onScreen(int $n, array $box): ?array
    {
        $high = $this->phone->screen[1];
        if ($box['y'] + $box['height'] <= $n * $high || $box['y'] >= ($n + 1) * $high) {
            return null;
        }
        $side = ($this->phone->screen[0] - $this->phone->room) / 2;

        return [
            'x' => round($this->screen($n) + ($side + $box['x']) * self::SMALL, 1),
            'y' => round(self::TOP + ($box['y'] - $n * $high) * self::SMALL, 1),
            'width' => round($box['width'] * self::SMALL, 1), 'height' => round($box['height'] * self::SMALL, 1),
        ];
    }
}
