<?php

declare(strict_types=1);

namespace App\Files;

use Symfony\Component\Filesystem\Exception\IOException;
use Symfony\Component\Filesystem\Filesystem;

/** A file that is written whole or not at all: aside first, then moved into its place. */
final class WholeFile
{
    /**
     * @param int $folderMode of a folder that is made for it
     *
     * @return bool false when it could not be written whole: what stood there before stands there still
     */
    public static function put(string $path, string $content, int $folderMode = 0o700): bool
    {
        $files = new Filesystem();
        try {
            if (! is_dir(dirname($path))) {
                $files->mkdir(dirname($path), $folderMode);
            }
            $files->dumpFile($path, $content);

            return true;
        } catch (IOException) {
            return false;
        }
    }
}
