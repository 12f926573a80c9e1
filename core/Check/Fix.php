<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

/** One way to mend a finding. */
final readonly class Fix
{
    /**
     * @param string $change ink or ground
     * @param string $title "Darken the reduced price"
     * @param string $words what it changes and how visibly
     * @param array<string, string> $changes path => new value
     * @param string $hex the new color
     * @param float $ratio contrast it comes to
     * @param float $difference CIEDE2000 between the old color and the new
     */
    public function __construct(
        public string $change,
        public string $title,
        public string $words,
        public array $changes,
        public string $hex,
        public float $ratio,
        public float $difference,
    ) {}
}
