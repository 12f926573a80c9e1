<?php

declare(strict_types=1);

namespace Ikat\Core\Color;

/** CIE Lab relative to D50, as CSS Color 4 defines lab(). */
final class CieLab
{
    private const EPSILON = 216 / 24389;
    private const KAPPA = 24389 / 27;
    /** D50 white: x 0.3457, y 0.3585. */
    private const WHITE_X = 0.3457 / 0.3585;
    private const WHITE_Z = (1.0 - 0.3457 - 0.3585) / 0.3585;

    /**
     * @param array{float, float, float} $lab
     *
     * @return array{float, float, float}
     */
    public static function toXyzD50(array $lab): array
    {
        [$l, $a, $b] = $lab;
        $fy = ($l + 16) / 116;
        $fx = $a / 500 + $fy;
        $fz = $fy - $b / 200;

        return [
            ($fx ** 3 > self::EPSILON ? $fx ** 3 : (116 * $fx - 16) / self::KAPPA) * self::WHITE_X,
            $l > self::KAPPA * self::EPSILON ? $fy ** 3 : $l / self::KAPPA,
            ($fz ** 3 > self::EPSILON ? $fz ** 3 : (116 * $fz - 16) / self::KAPPA) * self::WHITE_Z,
        ];
    }

    /**
     * @param array{float, float, float} $xyz
     *
     * @return array{float, float, float}
     */
    public static function fromXyzD50(array $xyz): array
    {
        $fx = self::compressed($xyz[0] / self::WHITE_X);
        $fy = self::compressed($xyz[1]);
        $fz = self::compressed($xyz[2] / self::WHITE_Z);

        return [116 * $fy - 16, 500 * ($fx - $fy), 200 * ($fy - $fz)];
    }

    /** @param float $share of the white's value: the cube root, and near black a straight line */
    public static function compressed(float $share): float
    {
        return $share > self::EPSILON ? $share ** (1 / 3) : (self::KAPPA * $share + 16) / 116;
    }
}
