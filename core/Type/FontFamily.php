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
     * @param int $unitsPerEm of the measures that follow, OpenType head, hhea and OS/2 tables
     * @param int $descent negative, below the baseline
     * @param non-empty-array<int, int> $averageWidths weight => of lowercase letters as they occur in running text
     * @param non-empty-list<string> $parts keys of FontShelf::RANGES that it has a file for
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
        public array $averageWidths,
        public array $parts,
    ) {}

    /** The weight nearest to one that its widths are known of. */
    public function nearestWeight(int $weight): int
    {
        $weights = array_keys($this->averageWidths);
        usort($weights, static fn(int $a, int $b): int => abs($a - $weight) <=> abs($b - $weight));

        return $weights[0];
    }

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
