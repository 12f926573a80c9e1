<?php

declare(strict_types=1);

namespace Ikat\Core\Type\OpenType;

use Ikat\Core\Type\UnreadableFont;

/** Sets and classes of glyphs. Source: OpenType 1.9, "OpenType Layout common table formats": Coverage and ClassDef tables. */
final class GlyphClasses
{
    /** Glyphs are counted by 16 bits. */
    private const MOST = 65536;

    /**
     * @return array<int, int> glyph => its place in the set
     *
     * @throws UnreadableFont
     */
    public static function coverage(FontBytes $table): array
    {
        if ($table->u16(0) === 1) {
            return array_flip($table->u16s(4, $table->u16(2)));
        }
        $set = [];
        $room = self::MOST;
        for ($i = 0, $count = $table->u16(2); $i < $count; $i++) {
            [$first, $last, $at] = $table->u16s(4 + 6 * $i, 3);
            $room = self::without($room, $first, $last);
            for ($glyph = $first; $glyph <= $last; $glyph++) {
                $set[$glyph] = $at + $glyph - $first;
            }
        }

        return $set;
    }

    /**
     * @return array<int, int> glyph => class; what is not in it is of class 0
     *
     * @throws UnreadableFont
     */
    public static function classes(FontBytes $table): array
    {
        $classes = [];
        if ($table->u16(0) === 1) {
            $first = $table->u16(2);
            foreach ($table->u16s(6, $table->u16(4)) as $i => $class) {
                $classes[$first + $i] = $class;
            }

            return $classes;
        }
        $room = self::MOST;
        for ($i = 0, $count = $table->u16(2); $i < $count; $i++) {
            [$first, $last, $class] = $table->u16s(4 + 6 * $i, 3);
            $room = self::without($room, $first, $last);
            for ($glyph = $first; $glyph <= $last; $glyph++) {
                $classes[$glyph] = $class;
            }
        }

        return $classes;
    }

    /** @throws UnreadableFont where there are more glyphs in it than there can be */
    private static function without(int $room, int $first, int $last): int
    {
        $room -= max(0, $last - $first + 1);

        return $room >= 0 ? $room : throw UnreadableFont::because('its sets of glyphs overlap');
    }
}
