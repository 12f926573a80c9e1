<?php

declare(strict_types=1);

namespace Ikat\Core\Type\OpenType;

use Ikat\Core\Type\UnreadableFont;

/** Pairs as fonts told them before GPOS. Source: OpenType 1.9, "kern", subtable format 0. */
final class OldKerning
{
    private const HORIZONTAL = 0x1;
    private const MINIMUM = 0x2;
    private const ACROSS = 0x4;

    /**
     * @return array<int, int> first glyph << 16 | second => font units
     *
     * @throws UnreadableFont
     */
    public static function read(FontBytes $kern): array
    {
        $pairs = [];
        if ($kern->u16(0) !== 0) {
            return $pairs;
        }
        $at = 4;
        for ($i = $kern->u16(2); $i > 0; $i--) {
            [, $length, $coverage] = $kern->u16s($at, 3);
            if ($coverage >> 8 === 0 && ($coverage & (self::HORIZONTAL | self::MINIMUM | self::ACROSS)) === self::HORIZONTAL) {
                for ($count = $kern->u16($at + 6), $pair = $at + 14; $count > 0; $count--, $pair += 6) {
                    $key = $kern->u32($pair);
                    $pairs[$key] = ($pairs[$key] ?? 0) + $kern->i16($pair + 4);
                }
            }
            // The length of a large table does not fit its 16 bits; such a table is the only one.
            $at += max($length, 6);
        }

        return $pairs;
    }
}
