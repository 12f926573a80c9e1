<?php

declare(strict_types=1);

namespace Ikat\Core\Color;

/**
 * The color spaces of CSS Color 4. Each knows the way to and from XYZ relative to D65; all conversions pass there.
 *
 * Coordinate ranges: rgb-like spaces 0..1; Hsl and Hwb [degrees, 0..100, 0..100]; Lab and Lch L 0..100;
 * Oklab and Oklch L 0..1; hues in degrees.
 */
enum ColorSpace: string
{
    case Srgb = 'srgb';
    case SrgbLinear = 'srgb-linear';
    case Hsl = 'hsl';
    case Hwb = 'hwb';
    case Lab = 'lab';
    case Lch = 'lch';
    case Oklab = 'oklab';
    case Oklch = 'oklch';
    case DisplayP3 = 'display-p3';
    case A98Rgb = 'a98-rgb';
    case ProphotoRgb = 'prophoto-rgb';
    case Rec2020 = 'rec2020';
    case XyzD65 = 'xyz-d65';
    case XyzD50 = 'xyz-d50';

    /** Chroma of Oklch below which a color is a gray, and its hue none. */
    public const OKLCH_GRAY = 0.000004;

    /** The position of the hue among the three coordinates, or null for a space without one. */
    public function hueIndex(): ?int
    {
        return match ($this) {
            self::Hsl, self::Hwb => 0,
            self::Lch, self::Oklch => 2,
            default => null,
        };
    }

    /**
     * @param array{float, float, float} $c
     *
     * @return array{float, float, float}
     */
    public function toXyz(array $c): array
    {
        return match ($this) {
            self::XyzD65 => $c,
            self::Srgb => Matrices::times(
                Matrices::SRGB_TO_XYZ,
                [Transfer::srgbToLinear($c[0]), Transfer::srgbToLinear($c[1]), Transfer::srgbToLinear($c[2])],
            ),
            self::SrgbLinear => Matrices::times(Matrices::SRGB_TO_XYZ, $c),
            self::Hsl => self::Srgb->toXyz(Cylinders::hslToSrgb($c)),
            self::Hwb => self::Srgb->toXyz(Cylinders::hwbToSrgb($c)),
            self::XyzD50 => Matrices::times(Matrices::D50_TO_D65, $c),
            self::Lab => Matrices::times(Matrices::D50_TO_D65, CieLab::toXyzD50($c)),
            self::Lch => self::Lab->toXyz(Cylinders::toRectangular($c)),
            self::Oklab => OklabConversion::toXyz($c),
            self::Oklch => OklabConversion::toXyz(Cylinders::toRectangular($c)),
            self::DisplayP3 => Matrices::times(Matrices::P3_TO_XYZ, array_map(Transfer::srgbToLinear(...), $c)),
            self::A98Rgb => Matrices::times(Matrices::A98_TO_XYZ, array_map(Transfer::a98ToLinear(...), $c)),
            self::ProphotoRgb => Matrices::times(
                Matrices::D50_TO_D65,
                Matrices::times(Matrices::PROPHOTO_TO_XYZ_D50, array_map(Transfer::prophotoToLinear(...), $c)),
            ),
            self::Rec2020 => Matrices::times(Matrices::REC2020_TO_XYZ, array_map(Transfer::rec2020ToLinear(...), $c)),
        };
    }

    /**
     * A hue that carries no color (the color is a gray) comes back as null, CSS's `none`.
     *
     * @param array{float, float, float} $xyz
     *
     * @return array{?float, ?float, ?float}
     */
    public function fromXyz(array $xyz): array
    {
        return match ($this) {
            self::XyzD65 => $xyz,
            self::Srgb => self::encodeSrgb(Matrices::times(Matrices::XYZ_TO_SRGB, $xyz)),
            self::SrgbLinear => Matrices::times(Matrices::XYZ_TO_SRGB, $xyz),
            self::Hsl => Cylinders::srgbToHsl(self::encodeSrgb(Matrices::times(Matrices::XYZ_TO_SRGB, $xyz))),
            self::Hwb => Cylinders::srgbToHwb(self::encodeSrgb(Matrices::times(Matrices::XYZ_TO_SRGB, $xyz))),
            self::XyzD50 => Matrices::times(Matrices::D65_TO_D50, $xyz),
            self::Lab => CieLab::fromXyzD50(Matrices::times(Matrices::D65_TO_D50, $xyz)),
            self::Lch => Cylinders::toPolar(CieLab::fromXyzD50(Matrices::times(Matrices::D65_TO_D50, $xyz)), 0.0015),
            self::Oklab => OklabConversion::fromXyz($xyz),
            self::Oklch => Cylinders::toPolar(OklabConversion::fromXyz($xyz), self::OKLCH_GRAY),
            self::DisplayP3 => self::encodeSrgb(Matrices::times(Matrices::XYZ_TO_P3, $xyz)),
            self::A98Rgb => array_map(Transfer::linearToA98(...), Matrices::times(Matrices::XYZ_TO_A98, $xyz)),
            self::ProphotoRgb => array_map(
                Transfer::linearToProphoto(...),
                Matrices::times(Matrices::XYZ_D50_TO_PROPHOTO, Matrices::times(Matrices::D65_TO_D50, $xyz)),
            ),
            self::Rec2020 => array_map(Transfer::linearToRec2020(...), Matrices::times(Matrices::XYZ_TO_REC2020, $xyz)),
        };
    }

    /**
     * @param array{float, float, float} $linear
     *
     * @return array{float, float, float}
     */
    private static function encodeSrgb(array $linear): array
    {
        return [Transfer::linearToSrgb($linear[0]), Transfer::linearToSrgb($linear[1]), Transfer::linearToSrgb($linear[2])];
    }
}
