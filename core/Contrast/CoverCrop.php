<?php

declare(strict_types=1);

namespace Ikat\Core\Contrast;

/**
 * The part of a picture that shows in a frame it covers: "object-fit: cover" and "object-position" of CSS Images 3, 5.5. All lengths in px.
 */
final readonly class CoverCrop
{
    /** Px of a px of the picture. */
    private float $scale;

    /**
     * @param float $focusX % of the picture's width that stays in sight, from the left; $focusY the same from the top
     */
    public function __construct(
        private float $width,
        private float $height,
        private float $frameWidth,
        private float $frameHeight,
        private float $focusX = 50.0,
        private float $focusY = 50.0,
    ) {
        $this->scale = max($frameWidth / $width, $frameHeight / $height);
    }

    /**
     * What lies under a box of the frame.
     *
     * @return ?array{left: float, top: float, right: float, bottom: float} shares of the picture, from its upper left; null where the box
     *     lies outside
     */
    public function under(float $x, float $y, float $width, float $height): ?array
    {
        [$left, $right] = $this->shares($x, $width, $this->width, $this->frameWidth, $this->focusX);
        [$top, $bottom] = $this->shares($y, $height, $this->height, $this->frameHeight, $this->focusY);

        return $left < $right && $top < $bottom ? ['left' => $left, 'top' => $top, 'right' => $right, 'bottom' => $bottom] : null;
    }

    /** @return array{float, float} */
    private function shares(float $at, float $long, float $picture, float $frame, float $focus): array
    {
        $shown = $picture * $this->scale;
        $offset = ($frame - $shown) * $focus / 100;
        $share = static fn(float $of): float => (min($frame, max(0.0, $of)) - $offset) / $shown;

        return [$share($at), $share($at + $long)];
    }
}
