<?php

declare(strict_types=1);

namespace Ikat\Core\Contrast;

/** One way to mend a finding. */
final readonly class Fix
{
    /**
     * @param string $change ink, ground, both or veil
     * @param string $title "Darken the reduced price"
     * @param string $words what it changes and how visibly
     * @param array<string, string> $changes path => new value
     * @param string $ink hex, as it would be
     * @param string $ground hex, as it would be
     * @param float $ratio contrast it comes to
     * @param float $difference CIEDE2000 between the old color and the new; of a veil the mean over the picture
     */
    public function __construct(
        public string $change,
        public string $title,
        public string $words,
        public array $changes,
        public string $ink,
        public string $ground,
        public float $ratio,
        public float $difference,
    ) {}
}
