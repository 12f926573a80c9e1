<?php

declare(strict_types=1);

namespace Tests\Core\Color;

use Ikat\Core\Color\Color;
use Ikat\Core\Color\ColorSpace;
use Ikat\Core\Color\Contrast;
use Ikat\Core\Color\Cylinders;
use Ikat\Core\Color\FromSrgb;
use Ikat\Core\Color\Matrices;
use PHPUnit\Framework\TestCase;

/** The straight ways from sRGB lead where the way through XYZ does. */
final class FromSrgbTest extends TestCase
{
    public function testTheProductsAreThoseOfTheMatricesOnTheWay(): void
    {
        // D50 white: x 0.3457, y 0.3585 (CSS Color 4, section 10.1).
        $white = [0.3457 / 0.3585, 1.0, (1.0 - 0.3457 - 0.3585) / 0.3585];
        foreach ([[1.0, 0.0, 0.0], [0.0, 1.0, 0.0], [0.0, 0.0, 1.0]] as $i => $channel) {
            $xyz = Matrices::times(Matrices::SRGB_TO_XYZ, $channel);
            $cones = Matrices::times(Matrices::XYZ_TO_LMS, $xyz);
            $shares = Matrices::times(Matrices::D65_TO_D50, $xyz);
            foreach ([0, 1, 2] as $row) {
                self::assertEqualsWithDelta($cones[$row], FromSrgb::TO_LMS[3 * $row + $i], 1e-15);
                self::assertEqualsWithDelta($shares[$row] / $white[$row], FromSrgb::TO_WHITE_D50[3 * $row + $i], 1e-15);
            }
        }
    }

    public function testEveryFifteenthOfEachChannelLeadsToTheSameColor(): void
    {
        for ($rgb = 0; $rgb < 18 ** 3; $rgb++) {
            $color = Color::in(ColorSpace::Srgb, $rgb % 18 / 17, intdiv($rgb, 18) % 18 / 17, intdiv($rgb, 324) / 17);
            $xyz = ColorSpace::Srgb->toXyz($color->numbers());
            foreach ([ColorSpace::Oklab, ColorSpace::Lab] as $space) {
                foreach ($space->fromXyz($xyz) as $i => $coordinate) {
                    self::assertEqualsWithDelta($coordinate, $color->to($space)->numbers()[$i], 1e-11, $color->hex());
                }
            }
            self::assertSame($color->to(ColorSpace::Lab)->numbers(), $color->lab());
            // The same channels in a space the straight way does not begin at.
            $linear = $color->to(ColorSpace::SrgbLinear);
            self::assertEqualsWithDelta(Contrast::luminance($linear), Contrast::luminance($color), 1e-11, $color->hex());
            self::assertEquals(
                Cylinders::toPolar($color->to(ColorSpace::Oklab)->numbers(), ColorSpace::OKLCH_GRAY),
                $color->to(ColorSpace::Oklch)->coordinates(),
            );
        }
    }

    public function testOutsideTheGamutAndWithoutAChannelTheLongWayIsTaken(): void
    {
        $outside = Color::in(ColorSpace::Srgb, -0.2, 1.1, 0.4);
        self::assertSame(ColorSpace::Lab->fromXyz(ColorSpace::Srgb->toXyz($outside->numbers())), $outside->lab());
        $missing = Color::in(ColorSpace::Srgb, null, 0.5, 0.4);
        self::assertSame(Color::in(ColorSpace::Srgb, 0.0, 0.5, 0.4)->to(ColorSpace::Lab)->hex(), $missing->to(ColorSpace::Lab)->hex());
    }
}
