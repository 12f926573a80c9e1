<?php

declare(strict_types=1);

namespace Ikat\Core\Type\OpenType;

use Ikat\Core\Type\UnreadableFont;

/** Which glyph stands for which character. Source: OpenType 1.9, "cmap", formats 4, 6 and 12. */
final class CharacterMap
{
    /** Maps of Unicode, [platform, encoding], the widest first. */
    private const UNICODE = [[3, 10], [0, 6], [0, 4], [3, 1], [0, 3], [0, 2], [0, 1], [0, 0]];

    /** More characters than Unicode has assigned are no font's. */
    private const MOST = 320_000;

    /**
     * @return array<int, int> code point => glyph
     *
     * @throws UnreadableFont
     */
    public static function read(FontBytes $cmap, int $glyphs): array
    {
        $offsets = [];
        for ($i = 0, $count = $cmap->u16(2); $i < $count; $i++) {
            $offsets[$cmap->u16(4 + 8 * $i)][$cmap->u16(6 + 8 * $i)] ??= $cmap->u32(8 + 8 * $i);
        }
        foreach (self::UNICODE as [$platform, $encoding]) {
            if (isset($offsets[$platform][$encoding])) {
                $table = $cmap->from($offsets[$platform][$encoding]);
                $map = match ($table->u16(0)) {
                    4 => self::segments($table),
                    6 => self::trimmed($table),
                    12 => self::groups($table),
                    default => null,
                };
                if ($map !== null) {
                    return array_filter($map, static fn(int $glyph): bool => $glyph > 0 && $glyph < $glyphs);
                }
            }
        }

        throw UnreadableFont::because('it does not say which characters it has');
    }

    /** @return array<int, int> */
    private static function segments(FontBytes $table): array
    {
        $segments = intdiv($table->u16(6), 2);
        $ends = $table->u16s(14, $segments);
        $starts = $table->u16s(16 + 2 * $segments, $segments);
        $deltas = $table->u16s(16 + 4 * $segments, $segments);
        $at = 16 + 6 * $segments;
        $offsets = $table->u16s($at, $segments);
        $map = [];
        $room = self::MOST;
        foreach ($ends as $i => $end) {
            $room = self::without($room, $starts[$i], $end);
            for ($code = $starts[$i]; $code <= $end && $code < 0xFFFF; $code++) {
                if ($offsets[$i] === 0) {
                    $map[$code] = ($code + $deltas[$i]) & 0xFFFF;

                    continue;
                }
                // An offset counts from where it stands itself.
                $glyph = $table->u16($at + 2 * $i + $offsets[$i] + 2 * ($code - $starts[$i]));
                $map[$code] = $glyph === 0 ? 0 : ($glyph + $deltas[$i]) & 0xFFFF;
            }
        }

        return $map;
    }

    /** @return array<int, int> */
    private static function trimmed(FontBytes $table): array
    {
        $first = $table->u16(6);
        $map = [];
        foreach ($table->u16s(10, $table->u16(8)) as $i => $glyph) {
            $map[$first + $i] = $glyph;
        }

        return $map;
    }

    /** @return array<int, int> */
    private static function groups(FontBytes $table): array
    {
        $map = [];
        $room = self::MOST;
        for ($i = 0, $count = $table->u32(12); $i < $count; $i++) {
            $group = 16 + 12 * $i;
            [$first, $last, $glyph] = [$table->u32($group), $table->u32($group + 4), $table->u32($group + 8)];
            $room = self::without($room, $first, $last);
            for ($code = $first; $code <= $last; $code++) {
                $map[$code] = $glyph + $code - $first;
            }
        }

        return $map;
    }

    /** @throws UnreadableFont where it has more characters than there are */
    private static function without(int $room, int $first, int $last): int
    {
        $room -= max(0, $last - $first + 1);

        return $room >= 0 ? $room : throw UnreadableFont::because('it claims more characters than there are');
    }
}
