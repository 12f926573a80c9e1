<?php

declare(strict_types=1);

namespace App\Pictures;

use Ikat\Core\Image\PixelGrid;

/** A picture GD has decoded. */
final class GdPixels implements PixelGrid
{
    private readonly int $width;

    private readonly int $height;

    /** @param \GdImage $image in true color */
    public function __construct(private readonly \GdImage $image)
    {
        $this->width = imagesx($image);
        $this->height = imagesy($image);
    }

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
        $pixel = (int) imagecolorat($this->image, $x, $y);

        // GD's alpha runs the other way and has 7 bits: 127 is clear.
        return (255 - (int) (($pixel >> 24 & 127) * 255 / 127)) << 24 | $pixel & 0xFFFFFF;
    }
}
