<?php

declare(strict_types=1);

namespace Ikat\Core\Color;

/** Oklab (Björn Ottosson, 2020) with the matrices of CSS Color 4. */
final class OklabConversion
{
    /**
     * @param array{float, float, float} $lab
     *
     * @return array{float, float, float}
     */
    public static function toXyz(array $lab): array
    {
        [$l, $m, $s] = Matrices::times(Matrices::OKLAB_TO_LMS, $lab);

        return Matrices::times(Matrices::LMS_TO_XYZ, [$l * $l * $l, $m * $m * $m, $s * $s * $s]);
    }

    /**
     * @param array{float, float, float} $xyz
     *
     * @return array{float, float, float}
     */
    public static function fromXyz(array $xyz): array
    {
        [$l, $m, $s] = Matrices::times(Matrices::XYZ_TO_LMS, $xyz);

        return Matrices::times(Matrices::LMS_TO_OKLAB, [self::cubeRoot($l), self::cubeRoot($m), self::cubeRoot($s)]);
    }

    private static function cubeRoot(float $v): float
    {
        return $v < 0 ? -((-$v) ** (1 / 3)) : $v ** (1 / 3);
    }
}
