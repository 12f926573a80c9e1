<?php

declare(strict_types=1);

namespace Ikat\Core\Palette;

/** Pixels of nearly one color. */
final readonly class Bin
{
    /**
     * @param float $flat how much of the weight is of pixels with flat surroundings
     * @param array{float, float, float} $rgb their mean, 0..1
     * @param array{float, float, float} $lab the same in OKLab
     */
    public function __construct(public float $weight, public float $flat, public array $rgb, public array $lab) {}
}
