<?php

declare(strict_types=1);

namespace App\Looks;

/**
 * Stylesheets of looks that are not published yet. They have the address they will have once published, because
 * both are named after their content.
 */
final class DraftFiles
{
    private const KEEP = 200;

    public function __construct(private readonly string $folder) {}

    public function put(string $name, string $css): void
    {
        $path = "{$this->folder}/$name";
        if (is_file($path)) {
            return;
        }
        if (! is_dir($this->folder)) {
            mkdir($this->folder, 0o755, true);
        }
        file_put_contents("$path.part", $css);
        rename("$path.part", $path);
        $this->sweep();
    }

    public function find(string $name): ?string
    {
        $path = "{$this->folder}/$name";

        return preg_match('/^[a-z0-9-]+\.css$/', $name) && is_file($path) ? (string) file_get_contents($path) : null;
    }

    private function sweep(): void
    {
        $files = glob("{$this->folder}/*.css") ?: [];
        if (count($files) > self::KEEP) {
            usort($files, static fn(string $a, string $b): int => filemtime($a) <=> filemtime($b));
            array_map(unlink(...), array_slice($files, 0, intdiv(self::KEEP, 2)));
        }
    }
}
