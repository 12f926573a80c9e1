<?php

declare(strict_types=1);

namespace Ikat\Core\Color;

/**
 * How colors look to people whose eyes lack one kind of cone, and in grayscale.
 *
 * G. M. Machado, M. M. Oliveira, L. A. F. Fernandes, "A Physiologically-based Model for Simulation of Color Vision
 * Deficiency", IEEE Transactions on Visualization and Computer Graphics 15 (6), 2009: matrices of severity 1, for linear
 * sRGB. Written from memory and checked against culori's in tests/Reference.
 */
enum Vision: string
{
    case Protan = 'protan';
    case Deutan = 'deutan';
    case Tritan = 'tritan';
    case Gray = 'gray';

    public function label(): string
    {
        return match ($this) {
            self::Protan => 'without red cones (protan)',
            self::Deutan => 'without green cones (deutan)',
            self::Tritan => 'without blue cones (tritan)',
            self::Gray => 'in grayscale',
        };
    }

    /** @return list<float> nine numbers, row after row, for linear sRGB */
    public function matrix(): array
    {
        return match ($this) {
            self::Protan => [0.152286, 1.052583, -0.204868, 0.114503, 0.786281, 0.099216, -0.003882, -0.048116, 1.051998],
            self::Deutan => [0.367322, 0.860646, -0.227968, 0.280085, 0.672501, 0.047413, -0.011820, 0.042940, 0.968881],
            self::Tritan => [1.255528, -0.076749, -0.178779, -0.078411, 0.930809, 0.147602, 0.004733, 0.691367, 0.303900],
            // Relative luminance, as WCAG 2.2 defines it.
            self::Gray => [0.2126, 0.7152, 0.0722, 0.2126, 0.7152, 0.0722, 0.2126, 0.7152, 0.0722],
        };
    }

    /** @return Color opaque sRGB, clipped as a screen does */
    public function see(Color $color): Color
    {
        $seen = Matrices::times($this->matrix(), $color->shown()->to(ColorSpace::SrgbLinear)->numbers());

        return Color::in(
            ColorSpace::SrgbLinear,
            ...array_map(static fn(float $v): float => max(0.0, min(1.0, $v)), $seen),
        )->to(ColorSpace::Srgb);
    }
}
