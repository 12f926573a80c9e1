<?php

declare(strict_types=1);

namespace App\Looks;

use App\Files\WholeFile;
use Illuminate\Support\Facades\Log;

/**
 * Stylesheets of looks that are not published yet. They have the address they will have once published, because
 * both are named after their content.
 */
final class DraftFiles
{
    private const KEEP = 400;

    /** Seconds in which none is swept: a page that names it may just be loading. */
    private const YOUNG = 600;

    public function __construct(private readonly string $folder) {}

    public function put(string $name, string $css): void
    {
        $path = "{$this->folder}/$name";
        // What is asked for again is young again, and not swept while its page is on the way. Gone meanwhile: written anew.
        if (is_file($path) && @touch($path)) {
            return;
        }
        if (! WholeFile::put($path, $css)) {
            // The edit is kept all the same: only the window goes without its newest colors until there is room.
            Log::warning('A draft’s stylesheet could not be written whole. Is the disk full?');

            return;
        }
        $this->sweep();
    }

    public function find(string $name): ?string
    {
        $path = "{$this->folder}/$name";

        $css = preg_match('/^[a-z0-9-]+\.css$/D', $name) === 1 ? @file_get_contents($path) : false;

        return $css === false ? null : $css;
    }

    private function sweep(): void
    {
        $ages = [];
        foreach (glob("{$this->folder}/*") ?: [] as $file) {
            $ages[$file] = (int) @filemtime($file);
        }
        if (count($ages) > self::KEEP) {
            asort($ages);
            foreach (array_slice($ages, 0, intdiv(self::KEEP, 2)) as $file => $age) {
                if ($age < time() - self::YOUNG) {
                    @unlink($file);
                }
            }
        }
    }
}
