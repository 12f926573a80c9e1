<?php

declare(strict_types=1);

namespace Ikat\Core\Palette;

/** A complete set of brand colors made from a logo, in which every pair that occurs is readable. */
final readonly class PaletteProposal
{
    /**
     * @param array<string, string> $colors brand color key => hex
     * @param array<string, array{ink: string, difference: float}> $kept brand color key => the logo's ink it stands for, and its CIEDE2000
     *     from it
     */
    public function __construct(public string $title, public string $words, public array $colors, public array $kept) {}

    /** @return float greatest CIEDE2000 between an ink and the brand color that stands for it */
    public function furthest(): float
    {
        return max([0.0, ...array_column($this->kept, 'difference')]);
    }
}
