<?php

declare(strict_types=1);

namespace App\Pictures;

/** A decoded picture, and what had to be done to it. */
final readonly class ReadPicture
{
    /**
     * @param ?string $svg the rebuilt drawing it was drawn from
     * @param list<string> $notes sentences for the person who gave it
     * @param float $scale how many pixels of the file one of these stands for: 1, or more where the file is very large
     */
    public function __construct(public \GdImage $image, public ?string $svg, public array $notes, public float $scale = 1.0) {}
}
