<?php

declare(strict_types=1);

namespace Ikat\Core\Grid;

use Ikat\Core\Contrast\CoverCrop;
use Ikat\Core\Image\FoundObject;

/** A product's picture in a frame of any proportion that it fills: what of it is cut off, and what of the thing on it. */
final readonly class FramedPicture
{
    /** Percent that points of interest stand apart, as the stylesheet has them. */
    private const STEP = 5;

    /** Share of a thing that may be beyond the frame without being missed: how well its outline is known. */
    private const UNSEEN = 0.01;

    /**
     * @param float $proportion of the picture
     * @param float $focusX % from the left; $focusY % from the top
     */
    public function __construct(
        public float $proportion,
        public FoundObject $object,
        public float $focusX = 50.0,
        public float $focusY = 50.0,
    ) {}

    /** Share of the picture's area that a frame cuts off, 0..1. */
    public function cut(float $frame): float
    {
        return 1 - min($frame / $this->proportion, $this->proportion / $frame);
    }

    /** Share of the thing's area that a frame cuts off, 0..1. */
    public function thingCut(float $frame): float
    {
        return $this->thingCutAt($frame, $this->focusX, $this->focusY);
    }

    public function isThingCut(float $frame): bool
    {
        return $this->thingCut($frame) > self::UNSEEN;
    }

    /** The same wherever its point of interest were: what no moving of it saves. */
    public function leastThingCut(float $frame): float
    {
        $long = $this->proportion > $frame ? $this->object->right - $this->object->left : $this->object->bottom - $this->object->top;

        return max(0.0, 1 - (1 - $this->cut($frame)) / $long);
    }

    /**
     * The point of interest that keeps most of the thing in a frame, and its middle nearest the frame's.
     *
     * @return array{float, float} %
     */
    public function bestFocus(float $frame): array
    {
        $isWider = $this->proportion > $frame;
        $object = $this->object;
        [$from, $to] = $isWider ? [$object->left, $object->right] : [$object->top, $object->bottom];
        $shown = 1 - $this->cut($frame);
        $best = [INF, INF, 50];
        for ($focus = 0; $focus <= 100; $focus += self::STEP) {
            $begins = (1 - $shown) * $focus / 100;
            $missing = max(0.0, $begins - $from) + max(0.0, $to - $begins - $shown);
            $off = abs($begins + $shown / 2 - ($from + $to) / 2);
            // Of points that are as good the one nearest the middle.
            $one = [round($missing, 6), round($off, 6), abs($focus - 50)];
            if ($one < [$best[0], $best[1], abs($best[2] - 50)]) {
                $best = [$one[0], $one[1], $focus];
            }
        }

        return $isWider ? [(float) $best[2], $this->focusY] : [$this->focusX, (float) $best[2]];
    }

    /**
     * The empty share of the picture's width, or of its height, on the side that a frame cuts: so much may go before it meets the thing.
     */
    public function margin(float $frame): float
    {
        return $this->proportion > $frame
            ? 1 - ($this->object->right - $this->object->left)
            : 1 - ($this->object->bottom - $this->object->top);
    }

    /** @return array{left: float, top: float, right: float, bottom: float} shares of the picture that a frame shows */
    public function shown(float $frame): array
    {
        return $this->shownAt($frame, self::step($this->focusX), self::step($this->focusY));
    }

    private function thingCutAt(float $frame, float $focusX, float $focusY): float
    {
        $shown = $this->shownAt($frame, self::step($focusX), self::step($focusY));
        $object = $this->object;
        $width = max(0.0, min($shown['right'], $object->right) - max($shown['left'], $object->left));
        $height = max(0.0, min($shown['bottom'], $object->bottom) - max($shown['top'], $object->top));

        return max(0.0, 1 - $width * $height / (($object->right - $object->left) * ($object->bottom - $object->top)));
    }

    /** @return array{left: float, top: float, right: float, bottom: float} */
    private function shownAt(float $frame, float $focusX, float $focusY): array
    {
        return (new CoverCrop($this->proportion, 1.0, $frame, 1.0, $focusX, $focusY))->under(0.0, 0.0, $frame, 1.0)
            ?? ['left' => 0.0, 'top' => 0.0, 'right' => 1.0, 'bottom' => 1.0];
    }

    private static function step(float $focus): float
    {
        return self::STEP * round($focus / self::STEP);
    }
}
