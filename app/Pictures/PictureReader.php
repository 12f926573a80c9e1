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
 * Its kind is told by its content. sharp decodes bitmaps: upright, in sRGB whatever profile they carry, and whole or not at all;
 * drawings are rebuilt from an allow-list and then drawn. It runs in a process of its own, with bounds on time and pixels.
 */
final class PictureReader
{
    private const MOST_BYTES = 12_000_000;
    public const MOST_PIXELS = 40_000_000;
    private const MOST_SVG_BYTES = 600_000;

    /** px: WebP holds no longer side (RFC 9649, 2.2), and no screen shows one. */
    private const MOST_SIDE = 16_000;

    /** px: how large a picture comes out at most; what pages show is smaller still. */
    private const KEPT_SIDE = 4096;

    /** px: how wide a drawing is drawn, for the files pages use and for what is computed from it. */
    private const DRAWN = 1600;
    private const SECONDS = 30;

    /** Where node is, when the environment does not say: workers are started without one by stock settings. */
    private const PATH = '/usr/local/bin:/usr/bin:/bin';

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

        return self::bitmap($path, $bytes, $name);
    }

    /** How many pixels a file says it has, without decoding it; 0 where it does not say. */
    public static function pixels(string $path): int
    {
        $size = @getimagesize($path);

        return $size === false ? 0 : $size[0] * $size[1];
    }

    private static function bitmap(string $path, string $bytes, string $name): ReadPicture
    {
        $size = @getimagesize($path);
        if ($size === false || ! in_array($size[2], [IMAGETYPE_PNG, IMAGETYPE_JPEG, IMAGETYPE_WEBP, IMAGETYPE_GIF, IMAGETYPE_AVIF], true)) {
            throw UnusablePicture::ofKind($name);
        }
        // Before decoding: a small file can unfold to more memory than there is.
        if ($size[0] * $size[1] > self::MOST_PIXELS) {
            throw UnusablePicture::tooLarge($name, $size[0], $size[1]);
        }
        if (max($size[0], $size[1]) > self::MOST_SIDE) {
            throw UnusablePicture::tooLong($name, $size[0], $size[1], self::MOST_SIDE);
        }
        [$told, $png] = self::run(['bitmap', (string) self::MOST_PIXELS, (string) self::KEPT_SIDE], $bytes, $name);
        if (isset($told['refused'])) {
            throw UnusablePicture::broken($name);
        }
        [$width, $height] = [(int) $told['width'], (int) $told['height']];
        $image = self::decoded($png, $name);
        $notes = [];
        if ($told['moves']) {
            $notes[] = 'It moved; its first picture was kept.';
        }
        if ($told['inks']) {
            $notes[] = 'Its printing inks (CMYK) were turned into screen colors; check them.';
        } elseif ($told['profile']) {
            $notes[] = 'It carries a color profile; its colors were put into those every screen knows (sRGB).';
        }
        if ($told['lies']) {
            $notes[] = 'It lay on its side and was turned upright.';
        }
        if (min($width, $height) < 16) {
            $notes[] = sprintf('It is only %d by %d pixels: too small to be more than a dot.', $width, $height);
        }

        return new ReadPicture($image, null, $notes, $width / imagesx($image));
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
        [$told, $png] = self::run(['drawing', (string) $width], $clean['svg'], $name);
        if (isset($told['refused'])) {
            throw UnusablePicture::broken($name);
        }

        return new ReadPicture(
            self::decoded($png, $name),
            $clean['svg'],
            $clean['left_out'] === [] ? [] : ['Left out of the drawing: '.implode(', ', $clean['left_out']).'.'],
        );
    }

    /**
     * @param list<string> $arguments
     *
     * @return array{array<string, mixed>, string} what was told, and the picture as PNG
     *
     * @throws UnusablePicture when it took too long or the program failed
     */
    private static function run(array $arguments, string $input, string $name): array
    {
        try {
            $process = new Process(
                ['node', '--max-old-space-size=256', base_path('scripts/picture.mjs'), ...$arguments],
                null,
                ['PATH' => getenv('PATH') ?: self::PATH],
                $input,
                self::SECONDS,
            );
            $process->mustRun();
        } catch (ExceptionInterface) {
            throw UnusablePicture::broken($name);
        }
        [$line, $png] = [...explode("\n", $process->getOutput(), 2), ''];
        $told = json_decode($line, true);

        return [is_array($told) ? $told : ['refused' => 'broken'], $png];
    }

    private static function decoded(string $png, string $name): \GdImage
    {
        $image = @imagecreatefromstring($png) ?: throw UnusablePicture::broken($name);
        imagepalettetotruecolor($image);
        imagealphablending($image, false);
        imagesavealpha($image, true);

        return $image;
    }
}
