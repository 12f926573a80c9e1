<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Files\Unwritten;
use App\Files\WholeFile;

/** Uploaded pictures as they were decoded, without loss: what icons, trimmed and recolored versions are made from. */
final class Originals
{
    public function __construct(private readonly string $folder, private readonly string $public) {}

    /** @param string $base address of the picture's files, without width and ending */
    public function put(string $base, string $png): void
    {
        $path = $this->path($base);
        if (! WholeFile::put($path, $png)) {
            throw Unwritten::because('The picture’s original');
        }
    }

    /**
     * The original, or the largest file pages use where none was kept.
     *
     * @param int $width px of that file
     */
    public function open(string $base, int $width): ?\GdImage
    {
        foreach ([$this->path($base), "$this->public$base-$width.webp"] as $path) {
            if (is_file($path)) {
                $image = imagecreatefromstring((string) file_get_contents($path));
                if ($image !== false) {
                    imagepalettetotruecolor($image);
                    imagealphablending($image, false);
                    imagesavealpha($image, true);

                    return $image;
                }
            }
        }

        return null;
    }

    private function path(string $base): string
    {
        return $this->folder.'/'.hash('xxh128', $base).'.png';
    }
}
