<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Files\Unwritten;
use App\Files\WholeFile;
use Ikat\Core\Image\ObjectFinder;
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
    public const WIDTHS = [320, 640, 960, 1280, 1920];

    public function __construct(private readonly string $folder, private readonly string $address, private readonly Originals $originals) {}

    /**
     * @param int $store whose folder it goes to
     *
     * @return array{base: string, widths: list<int>, formats: list<string>, width: int, height: int, bytes: int, facts: array<string,
     *     mixed>, object: array<string, mixed>}
     *
     * @throws UnusablePicture
     */
    public function take(UploadedFile $file, int $store, string $name): array
    {
        if (! $file->isValid()) {
            throw UnusablePicture::tooHeavy($file->getClientOriginalName(), 12_000_000);
        }

        return $this->keep(PictureReader::read($file->getPathname(), $file->getClientOriginalName()), $store, $name);
    }

    /**
     * Makes the files of a decoded picture.
     *
     * @param string $name of small letters, figures and dashes: it becomes part of a path
     * @param ?callable(int): void $watch is called before each size with how many there are; what it throws ends the work
     *
     * @return array{base: string, widths: list<int>, formats: list<string>, width: int, height: int, bytes: int, facts: array<string,
     *     mixed>, object: array<string, mixed>}
     */
    public function keep(ReadPicture $picture, int $store, string $name, ?callable $watch = null): array
    {
        if (preg_match('/^[a-z0-9]+(-[a-z0-9]+)*$/D', $name) !== 1) {
            throw new \LogicException('A picture is called by small letters, figures and dashes.');
        }
        $image = $picture->image;
        $width = imagesx($image);
        $widths = array_values(array_filter([...self::WIDTHS, min($width, max(self::WIDTHS))], static fn(int $w): bool => $w <= $width));
        $widths = array_values(array_unique($widths));
        sort($widths);
        $original = self::png($image);
        // Named after its content, so that a picture of another content never has the same address.
        $base = sprintf('%d/%s-%s', $store, $name, substr(hash('sha256', $original.$picture->svg), 0, 10));
        $formats = function_exists('imageavif') ? ['avif'] : [];
        $bytes = 0;
        // From the widest down, each from the one before: a large picture is gone through once.
        $scaled = $image;
        foreach (array_reverse($widths) as $w) {
            ($watch ?? static fn(): null => null)(count($widths));
            $scaled = $w === imagesx($scaled)
                ? $scaled
                : (imagescale($scaled, $w, -1, IMG_BICUBIC_FIXED) ?: throw UnusablePicture::broken($name));
            imagesavealpha($scaled, true);
            foreach (['webp', ...$formats] as $format) {
                $bytes += self::put("$this->folder/$base-$w.$format", self::encoded($scaled, $format), 'A file of the picture');
            }
        }

        if ($picture->svg !== null) {
            $bytes += self::put("$this->folder/$base.svg", $picture->svg, 'The drawing');
        }
        $this->originals->put("$this->address/$base", $original);

        return [
            'base' => "$this->address/$base",
            'facts' => LogoFacts::of($picture)->toArray(),
            'object' => ObjectFinder::find(new GdPixels($image))->toArray(),
            'widths' => $widths,
            'formats' => $formats,
            'width' => max($widths),
            'height' => max(1, (int) round(max($widths) * imagesy($image) / $width)),
            'bytes' => $bytes,
        ];
    }

    private static function png(\GdImage $image): string
    {
        ob_start();
        imagepng($image, null, 3);

        return (string) ob_get_clean();
    }

    public static function encoded(\GdImage $image, string $format): string
    {
        ob_start();
        $format === 'avif' ? @imageavif($image, null, 62, 9) : @imagewebp($image, null, 82);

        return (string) ob_get_clean();
    }

    /**
     * @param string $what as a sentence names it
     *
     * @return int bytes
     *
     * @throws Unwritten
     */
    private static function put(string $path, string $content, string $what): int
    {
        if ($content === '' || ! WholeFile::put($path, $content, 0o755)) {
            throw Unwritten::because($what);
        }

        return strlen($content);
    }
}
