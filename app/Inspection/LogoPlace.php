<?php

declare(strict_types=1);

namespace App\Inspection;

use App\Models\Picture;

/** One ground the logo stands on. */
final readonly class LogoPlace
{
    /**
     * @param string $path the setting that decides the ground
     * @param non-empty-list<string> $grounds hex; several where it is a picture
     * @param ?string $scheme worn there
     * @param Picture $logo the file that shows there
     * @param float $ratio what nine tenths of its edge reach
     */
    public function __construct(
        public string $label,
        public string $path,
        public array $grounds,
        public ?string $scheme,
        public Picture $logo,
        public float $ratio,
    ) {}
}
