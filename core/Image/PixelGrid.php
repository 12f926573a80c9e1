<?php

declare(strict_types=1);

namespace Ikat\Core\Image;

/** A decoded picture, whoever decoded it. */
interface PixelGrid
{
    public function width(): int;

    public function height(): int;

    /** @return int 0xAARRGGBB, alpha 0 (clear) to 255 (opaque), color not multiplied by it; x and y within the picture */
    public function argb(int $x, int $y): int;
}
