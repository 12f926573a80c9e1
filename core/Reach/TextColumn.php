<?php

declare(strict_types=1);

namespace Ikat\Core\Reach;

/** A column of running text on a page: how wide it is on each screen, and how large its letters. */
final readonly class TextColumn
{
    /**
     * @param int $number of the element among those of the page's body
     * @param string $words that stand in it
     * @param array<int, float> $widths screen => px
     * @param array<int, float> $sizes screen => px of its letters
     */
    public function __construct(
        public string $page,
        public int $number,
        public string $words,
        public array $widths,
        public array $sizes,
    ) {}
}
