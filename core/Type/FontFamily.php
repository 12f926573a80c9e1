<?php

declare(strict_types=1);

namespace Ikat\Core\Type;

/** A font family that ships with Ikat: what its files offer and how its letters measure. */
final readonly class FontFamily
{
    /**
     * @param string $key also the beginning of its files' names
     * @param string $name as a stylesheet calls it
     * @param int $lightest weight, 1..1000
     * @param int $heaviest weight; equal to the lightest when the family has one weight only
     * @param int $unitsPerEm of the four measures that follow, OpenType head, hhea and OS/2 tables
     * @param int $descent negative, below the baseline
     * @param int $averageWidth of lowercase letters as they occur in running text
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $label,
        public FontKind $kind,
        public int $lightest,
        public int $heaviest,
        public int $unitsPerEm,
        public int $ascent,
        public int $descent,
        public int $lineGap,
        public int $averageWidth,
    ) {}

    public function hasWeights(): bool
    {
        return $this->heaviest > $this->lightest;
    }

    /** The CSS font-family list: the family, its stand-in of the same measures, and what every device has. */
    public function stack(): string
    {
        return sprintf('"%s", "%1$s stand-in", %s', $this->name, $this->kind->generic());
    }
}
