<?php

declare(strict_types=1);

namespace Ikat\Core\Type\OpenType;

use Ikat\Core\Type\UnreadableFont;

/** By how much glyphs of a variable font are wider than its default. Source: OpenType 1.9, "HVAR". */
final class AdvanceVariations
{
    private readonly VariationStore $store;

    private readonly ?FontBytes $map;

    /**
     * @param list<float> $place on the font's axes, normalized
     *
     * @throws UnreadableFont
     */
    public function __construct(FontBytes $hvar, array $place)
    {
        $this->store = new VariationStore($hvar->from($hvar->u32(4)), $place);
        $this->map = $hvar->u32(8) > 0 ? $hvar->from($hvar->u32(8)) : null;
    }

    /** In font units. @throws UnreadableFont */
    public function delta(int $glyph): float
    {
        if ($this->map === null) {
            return $this->store->delta(0, $glyph);
        }
        $format = $this->map->u8(1);
        $isLong = $this->map->u8(0) === 1;
        $count = $isLong ? $this->map->u32(2) : $this->map->u16(2);
        $size = (($format & 0x30) >> 4) + 1;
        $at = ($isLong ? 6 : 4) + $size * min($glyph, $count - 1);
        $entry = 0;
        for ($i = 0; $i < $size; $i++) {
            $entry = $entry << 8 | $this->map->u8($at + $i);
        }
        $inner = ($format & 0x0F) + 1;

        return $this->store->delta($entry >> $inner, $entry & ((1 << $inner) - 1));
    }
}
