<?php

declare(strict_types=1);

namespace Ikat\Core\Type\OpenType;

/** One lookup of a layout table: what kind it is, what it passes over, and its tables, the first that fits of which is applied. */
final readonly class Lookup
{
    private const IGNORE_BASES = 0x2;
    private const IGNORE_LIGATURES = 0x4;
    private const IGNORE_MARKS = 0x8;

    /** Classes of glyphs (GDEF) by the flag that passes over them. */
    private const IGNORED = [1 => self::IGNORE_BASES, 2 => self::IGNORE_LIGATURES, 3 => self::IGNORE_MARKS];

    /** @param list<FontBytes> $tables */
    public function __construct(public int $type, public int $flag, public array $tables) {}

    /** Whether a glyph of this class (GDEF) is passed over. */
    public function passesOver(int $class): bool
    {
        return $this->flag !== 0 && (($this->flag & (self::IGNORED[$class] ?? 0)) !== 0 || ($class === 3 && $this->isOtherMark()));
    }

    /** Marks of one kind alone are looked at; which ones makes no difference to widths, so all are passed over. */
    private function isOtherMark(): bool
    {
        return ($this->flag >> 8) > 0;
    }
}
