<?php

declare(strict_types=1);

namespace App\Pictures;

use Illuminate\Http\UploadedFile;

/**
 * Turns an uploaded file into the picture files pages use.
 *
 * Nothing of the upload is trusted: its kind is told by its content, and what pages get are pictures encoded anew, without
 * whatever else the file carried.
 */
class PictureIntake
{
    /** px: one for each device width and its sharper screens; none is wider than the upload. */
    private const WIDTHS = [320, 640, 960, 1280, 1920];

    private const MOST_BYTES = 12_000_000;
    private const MOST_PIXELS = 40_000_000;

    public function __construct(private readonly string $folder, private readonly string $address) {}

    /**
     * @param int $store whose folder it goes to
     *
     * @return array{base: string, widths: list<int>, formats: list<string>, width: int, height: int, bytes: int}
     *
     * @throws UnusablePicture
     */
    public function take(UploadedFile $file, int $store, string $name): array
    {
        $image = $this->read($file);
        $width = imagesx($image);
        $widths = array_values(array_filter([...self::WIDTHS, min($width, max(self::WIDTHS))], static fn(int $w): bool => $w <= $width));
        $widths = array_values(array_unique($widths));
        sort($widths);
        // Named after its content, so that a picture of another content never has the same address.
        $base = sprintf('%d/%s-%s', $store, $name, substr(hash_file('sha256', $file->getPathname()) ?: '', 0, 10));
        if (! is_dir("$this->folder/$store")) {
            mkdir("$this->folder/$store", 0o755, true);
        }
        $formats = function_exists('imageavif') ? ['avif'] : [];
        $bytes = 0;
        foreach ($widths as $w) {
            $scaled = $w === $width ? $image : (imagescale($image, $w, -1, IMG_BICUBIC_FIXED) ?: throw UnusablePicture::broken($file->getClientOriginalName()));
            imagesavealpha($scaled, true);
            foreach (['webp', ...$formats] as $format) {
                $bytes += self::write($scaled, "$this->folder/$base-$w.$format", $format);
            }
        }

        return ['base' => "$this->address/$base", 'widths' => $widths, 'formats' => $formats, 'width' => max($widths), 'height' => max(1, (int) round(max($widths) * imagesy($image) / $width)), 'bytes' => $bytes];
    }

    /** @throws UnusablePicture */
    private function read(UploadedFile $file): \GdImage
    {
        $name = $file->getClientOriginalName();
        if (! $file->isValid() || $file->getSize() > self::MOST_BYTES) {
            throw UnusablePicture::tooHeavy($name, self::MOST_BYTES);
        }
        $size = @getimagesize($file->getPathname());
        if ($size === false || ! in_array($size[2], [IMAGETYPE_PNG, IMAGETYPE_JPEG, IMAGETYPE_WEBP, IMAGETYPE_GIF, IMAGETYPE_AVIF], true)) {
            throw UnusablePicture::ofKind($name);
        }
        // Before decoding: a small file can unfold to more memory than there is.
        if ($size[0] * $size[1] > self::MOST_PIXELS) {
            throw UnusablePicture::tooLarge($name, $size[0], $size[1]);
        }
        $image = @imagecreatefromstring((string) file_get_contents($file->getPathname()));
        if ($image === false) {
            throw UnusablePicture::broken($name);
        }
        imagepalettetotruecolor($image);
        imagealphablending($image, false);

        return $size[2] === IMAGETYPE_JPEG ? self::upright($image, $file->getPathname()) : $image;
    }

    /** Cameras note which way up a picture was taken (Exif 2.32, tag Orientation); the encoded picture has no such note, so it is turned. */
    private static function upright(\GdImage $image, string $path): \GdImage
    {
        $exif = function_exists('exif_read_data') ? @exif_read_data($path) : false;
        $degrees = [3 => 180, 6 => 270, 8 => 90][is_array($exif) ? (int) ($exif['Orientation'] ?? 1) : 1] ?? 0;

        return $degrees === 0 ? $image : (imagerotate($image, $degrees, 0) ?: $image);
    }

    private static function write(\GdImage $image, string $path, string $format): int
    {
        $part = "$path.part";
        $format === 'avif' ? imageavif($image, $part, 62, 9) : imagewebp($image, $part, 82);
        rename($part, $path);

        return (int) filesize($path);
    }
}
