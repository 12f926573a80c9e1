<?php

declare(strict_types=1);

namespace Ikat\Core\Contrast;

use Ikat\Core\Color\Ciede2000;
use Ikat\Core\Color\Color;
use Ikat\Core\Color\Contrast;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\Type\RangeType;

/** A veil over the picture under a transparent header, with which what stands there can be read. */
final readonly class PictureTint
{
    /**
     * @param float $strength 0..1
     * @param float $difference CIEDE2000 between the picture as it is seen now and then, the mean over its places
     */
    private function __construct(public float $strength, public float $difference) {}

    /**
     * The thinnest one, stronger than the present, with which inks hold under every picture.
     *
     * @param RangeType $bounds of the veil's setting
     * @param list<array{Color, float, bool}> $inks each with its target ratio and whether it is for dark surroundings
     */
    public static function thinnest(HeaderBackdrop $under, RangeType $bounds, array $inks): ?self
    {
        for ($strength = $under->veil + $bounds->increment; $strength <= $bounds->max + 1e-9; $strength += $bounds->increment) {
            $faint = array_filter($inks, static fn(array $ink): bool => $under->tooFaint($ink[0], $ink[1], $ink[2], $strength) !== []);
            if ($faint === []) {
                return new self(round($strength, 2), self::change($under, $strength));
            }
        }

        return null;
    }

    private static function change(HeaderBackdrop $under, float $strength): float
    {
        $now = array_merge(...array_column($under->seen(false), 1));
        $then = array_merge(...array_column($under->seen(false, $strength), 1));

        return array_sum(array_map(Ciede2000::difference(...), $now, $then)) / max(1, count($now));
    }

    public function inWords(): string
    {
        return Setting::plainNumber($this->strength);
    }

    /** The place where an ink is faintest under it. */
    public function worst(HeaderBackdrop $under, Color $ink, bool $isDark): Color
    {
        $seen = array_merge(...array_column($under->seen($isDark, $this->strength), 1));
        usort($seen, static fn(Color $a, Color $b): int => Contrast::ratio($ink, $a) <=> Contrast::ratio($ink, $b));

        return $seen[0];
    }
}
