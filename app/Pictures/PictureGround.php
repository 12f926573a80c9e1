<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Models\Picture;
use Ikat\Core\Image\CutOut;
use Ikat\Core\Image\PixelGrid;
use Illuminate\Contracts\Cache\Repository;

/** Takes the flat ground of a picture away. */
final class PictureGround
{
    /** px: how wide it is shown before it is taken, and how wide a picture comes out at most: pages show none wider. */
    private const SHOWN = 480;
    private const KEPT = 1920;

    private const SECONDS = 86_400;

    public function __construct(private readonly Originals $originals, private readonly Repository $cache) {}

    /** @return ?string PNG of a small one; null where the ground is not flat */
    public function shown(Picture $picture): ?string
    {
        $kept = $this->cache->remember(
            "without-ground $picture->base",
            self::SECONDS,
            function () use ($picture): string {
                $cut = $this->cut($picture, self::SHOWN);

                return $cut === null ? '' : base64_encode(self::png(self::drawn($cut)));
            },
        );

        return $kept === '' ? null : (string) base64_decode($kept, true);
    }

    /** @throws UnusablePicture where the ground is not flat, or nothing would be left */
    public function without(Picture $picture): ReadPicture
    {
        $cut = $this->cut($picture, self::KEPT);
        if ($cut === null || $cut->kept() < 0.002) {
            throw UnusablePicture::withoutGround($picture->title);
        }

        return new ReadPicture(self::drawn($cut), null, []);
    }

    private function cut(Picture $picture, int $widest): ?CutOut
    {
        $image = $this->originals->open($picture->base, $picture->width);
        if ($image === null) {
            return null;
        }
        $small = imagesx($image) > $widest ? imagescale($image, $widest) : $image;

        return $small === false ? null : CutOut::of(new GdPixels($small));
    }

    private static function drawn(PixelGrid $pixels): \GdImage
    {
        [$w, $h] = [max(1, $pixels->width()), max(1, $pixels->height())];
        $image = imagecreatetruecolor($w, $h);
        imagealphablending($image, false);
        imagesavealpha($image, true);
        for ($y = 0; $y < $h; $y++) {
            for ($x = 0; $x < $w; $x++) {
                $pixel = $pixels->argb($x, $y);
                imagesetpixel($image, $x, $y, (127 - (($pixel >> 25) & 127)) << 24 | $pixel & 0xFFFFFF);
            }
        }

        return $image;
    }

    private static function png(\GdImage $image): string
    {
        ob_start();
        imagepng($image, null, 3);

        return (string) ob_get_clean();
    }
}
