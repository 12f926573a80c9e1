<?php

declare(strict_types=1);

namespace Ikat\Core\Find;

/** Something that can be found. */
final readonly class Entry
{
    /**
     * @param string $kind setting, page, finding or command
     * @param string $target what to open
     * @param string $words more words to find it by
     */
    public function __construct(public string $kind, public string $title, public string $target, public string $words = '') {}
}
