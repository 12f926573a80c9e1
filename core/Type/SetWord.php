<?php

declare(strict_types=1);

namespace Ikat\Core\Type;

/** A word, or a whole text, as it is set at any size: lengths are in sizes. */
final readonly class SetWord
{
    /**
     * @param list<float> $widths of each of its characters
     * @param list<int> $glyphs that stand for each
     * @param list<float> $kernings by how much each is wider for what follows it
     * @param list<string> $missing characters that no font has
     */
    public function __construct(public array $widths, public array $glyphs, public array $kernings, public array $missing) {}
}
