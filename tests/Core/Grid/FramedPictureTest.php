<?php

declare(strict_types=1);

namespace Tests\Core\Grid;

use Ikat\Core\Grid\FramedPicture;
use Ikat\Core\Grid\FrameFor;
use Ikat\Core\Grid\Proportion;
use Ikat\Core\Image\FoundObject;
use PHPUnit\Framework\TestCase;

final class FramedPictureTest extends TestCase
{
    /** Pixels along the taller side of the picture that is counted. */
    private const SIDE = 400;

    /** What a frame cuts off, and of the thing, against a count of pixels, for 60 pictures. */
    public function testWhatIsCutOffIsWhatPixelsSay(): void
    {
        mt_srand(15);
        for ($i = 0; $i < 60; $i++) {
            $proportion = mt_rand(50, 200) / 100;
            $frame = mt_rand(50, 200) / 100;
            [$left, $top] = [mt_rand(0, 50) / 100, mt_rand(0, 50) / 100];
            $object = new FoundObject($left, $top, $left + mt_rand(10, 50) / 100, $top + mt_rand(10, 50) / 100);
            $framed = new FramedPicture($proportion, $object, 5.0 * mt_rand(0, 20), 5.0 * mt_rand(0, 20));
            [$w, $h] = $proportion > 1 ? [self::SIDE, self::SIDE / $proportion] : [self::SIDE * $proportion, self::SIDE];
            // Of CSS: as large as covers, the rest of each side shared out by the point of interest.
            [$sw, $sh] = $frame > $proportion ? [$w, $w / $frame] : [$h * $frame, $h];
            [$sx, $sy] = [($w - $sw) * $framed->focusX / 100, ($h - $sh) * $framed->focusY / 100];
            $all = $lost = $thing = $thingLost = 0;
            for ($y = 0.5; $y < $h; $y += 2) {
                for ($x = 0.5; $x < $w; $x += 2) {
                    $isThing = $x >= $object->left * $w && $x < $object->right * $w && $y >= $object->top * $h && $y < $object->bottom * $h;
                    $isLost = $x < $sx || $x >= $sx + $sw || $y < $sy || $y >= $sy + $sh;
                    [$all, $lost] = [$all + 1, $lost + (int) $isLost];
                    [$thing, $thingLost] = [$thing + (int) $isThing, $thingLost + (int) ($isThing && $isLost)];
                }
            }
            self::assertEqualsWithDelta($lost / $all, $framed->cut($frame), 0.012);
            self::assertEqualsWithDelta($thingLost / $thing, $framed->thingCut($frame), 0.05);
        }
    }

    public function testAPointOfInterestSavesWhatCanBeSaved(): void
    {
        $framed = new FramedPicture(0.5, new FoundObject(0.2, 0.05, 0.8, 0.45));
        self::assertEqualsWithDelta(0.5, $framed->cut(1.0), 1e-9);
        self::assertTrue($framed->isThingCut(1.0));
        self::assertSame(0.0, $framed->leastThingCut(1.0));
        [$x, $y] = $framed->bestFocus(1.0);
        self::assertSame([50.0, 0.0], [$x, $y]);
        self::assertFalse((new FramedPicture(0.5, $framed->object, $x, $y))->isThingCut(1.0));
        self::assertEqualsWithDelta(0.6, $framed->margin(1.0), 1e-9);
        // A thing as tall as the picture is cut wherever it is pointed.
        self::assertEqualsWithDelta(0.5, (new FramedPicture(0.5, new FoundObject(0.0, 0.0, 1.0, 1.0)))->leastThingCut(1.0), 1e-9);
    }

    public function testOneFrameForAllCutsTheLeast(): void
    {
        $tall = new FramedPicture(0.6, new FoundObject(0.1, 0.02, 0.9, 0.98));
        $loose = new FramedPicture(1.5, new FoundObject(0.4, 0.4, 0.6, 0.6));
        $frames = new FrameFor([$loose, $tall]);
        self::assertEqualsWithDelta(0.62, (float) $frames->best(), 0.021, 'what fills its picture counts most');
        self::assertSame([1, 0], $frames->worst(1.2));
        self::assertSame([1, 0], [$frames->thingsCut(1.2), $frames->thingsCut(0.6)]);
        self::assertEqualsWithDelta((0.2 + 0.5) / 2, $frames->cut(1.2), 1e-9);
        self::assertNull((new FrameFor([]))->best());
    }

    public function testProportionsAreSaidInWholeNumbers(): void
    {
        self::assertSame(
            ['1:1', '7:6', '4:5', '16:9', '1:2', '2:3'],
            array_map(Proportion::words(...), [1.0, 1.17, 0.8, 1.7778, 0.5, 0.667]),
        );
        self::assertSame(['own-50', 'own-200', 'own-115'], array_map(Proportion::class(...), [0.2, 9.0, 1.16]));
    }
}
