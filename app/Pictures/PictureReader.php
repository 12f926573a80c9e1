<?php

declare(strict_types=1);

namespace App\Pictures;

use Ikat\Core\Image\SvgCleaner;
use Ikat\Core\Image\UnusableSvg;
use Symfony\Component\Process\Exception\ExceptionInterface;
use Symfony\Component\Process\Process;

/**
 * Decodes a picture file somebody gave, whatever it calls itself.
 *
 * Its kind is told by its content. Bitmaps are decoded by GD; drawings are rebuilt from an allow-list and then drawn.
 */
final class PictureReader
{
    private const MOST_BYTES = 12_000_000;
    private const MOST_PIXELS = 40_000_000;
    private const MOST_SVG_BYTES = 600_000;
    /** px: how wide a drawing is drawn, for the files pages use and for what is computed from it. */
    private const DRAWN = 1600;
    private const SECONDS = 20;

    /**
     * @param string $name as the person calls it, for messages
     *
     * @throws UnusablePicture
     */
    public static function read(string $path, string $name): ReadPicture
    {
        if (! is_file($path) || (int) filesize($path) > self::MOST_BYTES) {
            throw UnusablePicture::tooHeavy($name, self::MOST_BYTES);
        }
        $bytes = (string) file_get_contents($path);
        if (preg_match('/^(?:\xEF\xBB\xBF)?\s*<(?:\?xml|!--|!DOCTYPE|svg)/i', $bytes) && stripos($bytes, '<svg') !== false) {
            return self::drawing($bytes, $name);
        }
        $size = @getimagesize($path);
        if ($size === false || ! in_array($size[2], [IMAGETYPE_PNG, IMAGETYPE_JPEG, IMAGETYPE_WEBP, IMAGETYPE_GIF, IMAGETYPE_AVIF], true)) {
            throw UnusablePicture::ofKind($name);
        }
        // Before decoding: a small file can unfold to more memory than there is.
        if ($size[0] * $size[1] > self::MOST_PIXELS) {
            throw UnusablePicture::tooLarge($name, $size[0], $size[1]);
        }
        $image = @imagecreatefromstring($bytes);
        if ($image === false) {
            throw UnusablePicture::broken($name);
        }
        imagepalettetotruecolor($image);
        imagealphablending($image, false);
        imagesavealpha($image, true);
        $notes = [];
        if (self::isAnimated($bytes, $size[2])) {
            $notes[] = 'It moved; its first picture was kept.';
        }
        if ($size[2] === IMAGETYPE_JPEG) {
            if (($size['channels'] ?? 3) === 4) {
                $notes[] = 'Its printing inks (CMYK) were turned into screen colors; check them.';
            }
            $degrees = self::degrees($path);
            if ($degrees !== 0) {
                $image = imagerotate($image, $degrees, 0) ?: $image;
                $notes[] = 'It lay on its side and was turned upright.';
            }
        }
        if (min(imagesx($image), imagesy($image)) < 16) {
            $notes[] = sprintf('It is only %d by %d pixels: too small to be more than a dot.', imagesx($image), imagesy($image));
        }

        return new ReadPicture($image, null, $notes);
    }

    private static function drawing(string $source, string $name): ReadPicture
    {
        if (strlen($source) > self::MOST_SVG_BYTES) {
            throw UnusablePicture::tooHeavy($name, self::MOST_SVG_BYTES);
        }
        try {
            $clean = SvgCleaner::clean($source);
        } catch (UnusableSvg $e) {
            throw UnusablePicture::drawing($name, $e->getMessage());
        }
        $width = (int) max(1, min(self::DRAWN, round(self::DRAWN * min(1, $clean['width'] / $clean['height']))));
        try {
            $process = new Process(['node', base_path('scripts/rasterize.mjs'), (string) $width], null, ['PATH' => (string) getenv('PATH')], $clean['svg'], self::SECONDS);
            $process->mustRun();
        } catch (ExceptionInterface) {
            throw UnusablePicture::broken($name);
        }
        $image = @imagecreatefromstring($process->getOutput()) ?: throw UnusablePicture::broken($name);
        imagepalettetotruecolor($image);
        imagealphablending($image, false);
        imagesavealpha($image, true);

        return new ReadPicture($image, $clean['svg'], $clean['left_out'] === [] ? [] : ['Left out of the drawing: '.implode(', ', $clean['left_out']).'.']);
    }

    /** More than one picture in the file: GIF graphic control extensions, an APNG acTL chunk, a WebP ANIM chunk. */
    private static function isAnimated(string $bytes, int $kind): bool
    {
        return match ($kind) {
            IMAGETYPE_GIF => preg_match_all('/\x21\xF9\x04.{4}\x00[\x2C\x21]/s', $bytes) > 1,
            IMAGETYPE_PNG => str_contains(substr($bytes, 0, 4096), 'acTL'),
            IMAGETYPE_WEBP => str_contains(substr($bytes, 0, 4096), 'ANIM'),
            default => false,
        };
    }

    /** Cameras note which way up a picture was taken (Exif 2.32, tag Orientation); the encoded picture has no such note, so it is turned. */
    private static function degrees(string $path): int
    {
        $exif = function_exists('exif_read_data') ? @exif_read_data($path) : false;

        return [3 => 180, 6 => 270, 8 => 90][is_array($exif) ? (int) ($exif['Orientation'] ?? 1) : 1] ?? 0;
    }
}
