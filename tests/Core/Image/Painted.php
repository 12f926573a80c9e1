<?php

declare(strict_types=1);

namespace Tests\Core\Image;

use Ikat\Core\Image\PixelGrid;

/** A picture whose every pixel is said by its place. */
final readonly class Painted implements PixelGrid
{
    /** @param \Closure(int, int): int $argb */
    public function __construct(private int $width, private int $height, private \Closure $argb) {}

    public function width(): int
    {
        return $this->width;
    }

    public function height(): int
    {
        return $this->height;
    }

    public function argb(int $x, int $y): int
    {
        return ($this->argb)($x, $y);
    }
}
