<?php

declare(strict_types=1);

namespace Ikat\Core\Palette;

/** One color of a logo. */
final readonly class Ink
{
    /** @param float $share of what is drawn, 0..1 */
    public function __construct(public string $hex, public float $share, public string $name) {}
}
