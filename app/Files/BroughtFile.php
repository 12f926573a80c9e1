<?php

declare(strict_types=1);

namespace App\Files;

use App\Models\CurrentStore;

/** Files people bring, as files of the shop that the web server finds first, named after their content. */
final readonly class BroughtFile
{
    public function __construct(private string $folder, private string $address, private CurrentStore $store) {}

    /**
     * @param string $what is written, within a sentence's beginning: The film
     * @param string $kind letters its name begins with
     *
     * @return string its address
     *
     * @throws Unwritten
     */
    public function put(string $what, string $kind, string $ending, string $bytes): string
    {
        $path = sprintf('%d/%s-%s.%s', $this->store->id(), $kind, substr(hash('sha256', $bytes), 0, 16), $ending);
        if (! WholeFile::put("$this->folder/$path", $bytes, 0o755)) {
            throw Unwritten::because($what);
        }

        return "$this->address/$path";
    }
}
