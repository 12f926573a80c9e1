<?php

declare(strict_types=1);

namespace App\Looks;

use App\Files\Unwritten;

/** The stylesheets of releases, where the web server finds them. A name is made from its content, so a file never changes. */
class ReleaseFiles
{
    public function __construct(private readonly string $folder) {}

    /** Whole or not at all: written aside, flushed to disk, then moved into place. */
    public function write(string $name, string $content): void
    {
        $target = "{$this->folder}/$name";
        if (is_file($target) && filesize($target) === strlen($content)) {
            return;
        }
        if (! is_dir($this->folder) && ! @mkdir($this->folder, 0o755, true) && ! is_dir($this->folder)) {
            throw Unwritten::because('The folder of stylesheets');
        }
        $aside = "$target.".bin2hex(random_bytes(4)).'.part';
        $this->step();
        $handle = @fopen($aside, 'xb') ?: throw Unwritten::because('A stylesheet');
        try {
            $half = intdiv(strlen($content), 2);
            $written = (int) @fwrite($handle, substr($content, 0, $half));
            $this->step();
            if ($written + (int) @fwrite($handle, substr($content, $half)) !== strlen($content) || ! @fflush($handle) || ! fsync($handle)) {
                throw Unwritten::because('A stylesheet');
            }
        } finally {
            fclose($handle);
        }
        $this->step();
        rename($aside, $target);
        $this->step();
    }

    /** Called between the writes: where a long write would show its progress, and where a test pulls the plug. */
    protected function step(): void {}
}
