<?php

declare(strict_types=1);

namespace Ikat\Core\Type;

/** A text as it stands: all lengths in px. */
final readonly class MeasuredText
{
    /**
     * @param float $width of its longest line
     * @param list<array{text: string, width: float}> $lines
     * @param float $height of all lines
     * @param float $baseline of the first line, from the top
     * @param list<string> $missing characters that the font does not have, each once: they are set in another one and not counted
     */
    public function __construct(
        public float $width,
        public array $lines,
        public float $height,
        public float $baseline,
        public array $missing,
    ) {}
}
