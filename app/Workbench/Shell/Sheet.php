<?php

declare(strict_types=1);

namespace App\Workbench\Shell;

/** The wide drawing of a step, above the shop window. */
final readonly class Sheet
{
    /**
     * @param string $view template of the drawing; it is given bench and panel
     * @param string $title what it shows, in a word or two
     * @param string $note how it is read
     * @param int $height px it takes until it is dragged to another
     * @param bool $zooms whether it can be enlarged
     * @param int $window px it leaves the shop window at least
     */
    public function __construct(
        public string $view,
        public string $title,
        public string $note = '',
        public int $height = 320,
        public bool $zooms = true,
        public int $window = 300,
    ) {}
}
