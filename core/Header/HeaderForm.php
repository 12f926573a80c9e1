<?php

declare(strict_types=1);

namespace Ikat\Core\Header;

/**
 * A header as it stands on a screen of one width. All lengths in px.
 *
 * @phpstan-type Block array{part: string, words: string, x: float, y: float, width: float, height: float}
 * @phpstan-type Cause array{what: string, px: float, path: ?string}
 */
final readonly class HeaderForm
{
    /** Px that sums of parts of a px may be off by. */
    private const SLACK = 0.05;

    /**
     * @param float $height with its rule
     * @param int $rows lines of things under one another
     * @param bool $isFolded whether the menu is folded away
     * @param int $menuLines lines the menu's words take; 0 where none of them shows
     * @param float $over that the widest row has too little
     * @param float $free that is left between the parts of the fullest row
     * @param list<Block> $blocks from left to right, row by row
     * @param list<Cause> $causes what its height is the sum of, from the top; each with the setting that says it
     * @param bool $breaksLogo whether a word of the logo breaks within itself, or the logo has less than it wants beside the rest
     */
    public function __construct(
        public float $width,
        public float $height,
        public int $rows,
        public bool $isFolded,
        public int $menuLines,
        public float $over,
        public float $free,
        public array $blocks,
        public array $causes,
        public bool $breaksLogo,
    ) {}

    /** Whether everything stands as it was put: no word of the menu in a second line, no logo broken, nothing cut off. */
    public function fits(): bool
    {
        return $this->menuLines <= 1 && $this->over <= self::SLACK && ! $this->breaksLogo;
    }
}
