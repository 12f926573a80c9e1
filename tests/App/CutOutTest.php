<?php

declare(strict_types=1);

namespace Tests\App;

use App\Pictures\GdPixels;
use Ikat\Core\Image\CutOut;
use PHPUnit\Framework\TestCase;

/** Grounds of one color taken away from 20 pictures whose outlines are known: drawn three times as large, scaled down, and compressed. */
final class CutOutTest extends TestCase
{
    private const PICTURES = 20;
    private const WIDTH = 240;
    private const HEIGHT = 200;
    private const LARGER = 3;

    public function testWhatIsLeftIsTheThing(): void
    {
        mt_srand(15);
        for ($i = 0; $i < self::PICTURES; $i++) {
            $ground = self::color(mt_rand(200, 255), mt_rand(200, 255), mt_rand(200, 255));
            [$picture, $mask] = self::drawn($ground, $i);
            $cut = CutOut::of(new GdPixels($picture));
            self::assertNotNull($cut);
            $both = $either = 0;
            for ($y = 0; $y < self::HEIGHT; $y++) {
                for ($x = 0; $x < self::WIDTH; $x++) {
                    $isThing = (imagecolorat($mask, $x, $y) & 255) >= 128;
                    $isLeft = ($cut->argb($x, $y) >> 24 & 255) >= 128;
                    $both += (int) ($isThing && $isLeft);
                    $either += (int) ($isThing || $isLeft);
                }
            }
            self::assertGreaterThan(0.97, $both / $either, "picture $i");
        }
    }

    public function testItsOutlineIsSoftAndHasNoneOfTheGroundInIt(): void
    {
        $picture = self::canvas(0xFFFFFF, 3 * self::WIDTH, 3 * self::HEIGHT);
        imagefilledellipse($picture, 360, 300, 300, 300, 0x2050A0);
        $small = imagescale($picture, self::WIDTH, self::HEIGHT, IMG_BICUBIC);
        self::assertNotFalse($small);
        $cut = CutOut::of(new GdPixels($small));
        self::assertNotNull($cut);
        $soft = [];
        for ($y = 0; $y < self::HEIGHT; $y++) {
            for ($x = 0; $x < self::WIDTH; $x++) {
                $pixel = $cut->argb($x, $y);
                $alpha = $pixel >> 24 & 255;
                if ($alpha > 60 && $alpha < 220) {
                    $soft[] = $pixel & 0xFFFFFF;
                }
            }
        }
        self::assertGreaterThan(40, count($soft));
        $blue = array_filter($soft, static fn(int $c): bool => abs(($c >> 16 & 255) - 0x20) < 40 && abs(($c & 255) - 0xA0) < 40);
        self::assertGreaterThan(0.9, count($blue) / count($soft), 'of the color of the thing, not lighter');
    }

    public function testASceneIsLeftAlone(): void
    {
        $scene = self::canvas(0x304050, 90, 60);
        imagefilledrectangle($scene, 0, 20, 89, 59, 0xA08060);
        self::assertNull(CutOut::of(new GdPixels($scene)));
        $clear = self::canvas(0x7F000000, 40, 40);
        self::assertNull(CutOut::of(new GdPixels($clear)));
    }

    /** @return array{\GdImage, \GdImage} the picture, and white where the thing is on black */
    private static function drawn(int $ground, int $seed): array
    {
        [$w, $h] = [self::WIDTH * self::LARGER, self::HEIGHT * self::LARGER];
        $large = self::canvas($ground, $w, $h);
        $mask = self::canvas(0, $w, $h);
        $parts = mt_rand(1, 4);
        for ($n = 0; $n < $parts; $n++) {
            // Far enough from the ground in every picture, as things are that are photographed on it.
            $color = self::color(mt_rand(0, 150), mt_rand(0, 150), mt_rand(0, 150));
            [$x, $y, $a, $b] = [mt_rand($w / 3, 2 * $w / 3), mt_rand($h / 3, 2 * $h / 3), mt_rand(90, $w / 2), mt_rand(90, $h / 2)];
            foreach ([[$large, $color], [$mask, 0xFFFFFF]] as [$image, $ink]) {
                match (($seed + $n) % 3) {
                    0 => imagefilledellipse($image, $x, $y, $a, $b, $ink),
                    1 => imagefilledrectangle($image, $x - intdiv($a, 2), $y - intdiv($b, 2), $x + intdiv($a, 2), $y + intdiv($b, 2), $ink),
                    default => imagefilledpolygon(
                        $image,
                        [$x, $y - intdiv($b, 2), $x + intdiv($a, 2), $y + intdiv($b, 2), $x - intdiv($a, 2), $y],
                        $ink,
                    ),
                };
            }
        }
        $small = imagescale($large, self::WIDTH, self::HEIGHT, IMG_BICUBIC);
        $known = imagescale($mask, self::WIDTH, self::HEIGHT, IMG_BICUBIC);
        assert($small !== false && $known !== false);
        ob_start();
        imagejpeg($small, null, 84);
        $compressed = imagecreatefromstring((string) ob_get_clean());
        assert($compressed !== false);

        return [$compressed, $known];
    }

    private static function color(int $red, int $green, int $blue): int
    {
        return $red << 16 | $green << 8 | $blue;
    }

    private static function canvas(int $color, int $width, int $height): \GdImage
    {
        $image = imagecreatetruecolor($width, $height);
        imagealphablending($image, false);
        imagefilledrectangle($image, 0, 0, $width - 1, $height - 1, $color);

        return $image;
    }
}
