<?php

declare(strict_types=1);

namespace Ikat\Core\Find;

/** Something that can be found. */
final readonly class Entry
{
    /**
     * @param string $kind setting, words, page, product, finding, change or command
     * @param string $target what to open, or to do
     * @param string $words more words to find it by
     * @param string $note where it is
     * @param string $path of the setting it is about; empty for what is about none
     */
    public function __construct(
        public string $kind,
        public string $title,
        public string $target,
        public string $words = '',
        public string $note = '',
        public string $path = '',
    ) {}
}
