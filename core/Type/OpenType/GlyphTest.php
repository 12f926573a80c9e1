<?php

declare(strict_types=1);

namespace Ikat\Core\Type\OpenType;

/** What is asked of one glyph of a context: to be this one, of this class, or in this set. */
final readonly class GlyphTest
{
    /**
     * @param ?array<int, int> $of glyph => its class, or its place in a set; null where one glyph is meant
     * @param ?int $wanted the glyph, or the class; null for any of the set
     */
    public function __construct(private ?array $of, private ?int $wanted) {}

    public function holds(int $glyph): bool
    {
        return match (true) {
            $this->of === null => $glyph === $this->wanted,
            $this->wanted === null => isset($this->of[$glyph]),
            default => ($this->of[$glyph] ?? 0) === $this->wanted,
        };
    }
}
