<?php

declare(strict_types=1);

namespace Ikat\Core\Contrast;

use Ikat\Core\Check\Finding;
use Ikat\Core\Check\Inspection;
use Ikat\Core\Check\Severity;
use Ikat\Core\Setting\ColorSet;
use Ikat\Core\Setting\StepKey;

/** An ink that is too faint on its ground. */
final readonly class ContrastFinding implements Finding
{
    /**
     * @param string $key the same for the same shortfall, whatever its measure
     * @param string $title "reduced price on ground"
     * @param ColorSet $set of colors: scheme.night, or dark.night in dark surroundings
     * @param string $scheme key of the color scheme
     * @param string $inkPath setting the ink comes from
     * @param string $groundPath setting the ground comes from
     * @param string $inkColor as it is, derived states included
     * @param float $measure contrast ratio, unrounded
     * @param float $target contrast ratio
     * @param string $clause of the standard
     * @param array<string, list<int>> $places page => element numbers; empty when no part wears it
     * @param RolePair $pair what falls short
     */
    public function __construct(
        public string $key,
        public Severity $severity,
        public string $title,
        public ColorSet $set,
        public string $scheme,
        public string $inkPath,
        public string $groundPath,
        public string $inkColor,
        public string $groundColor,
        public float $measure,
        public float $target,
        public string $clause,
        public array $places,
        public string $kind,
        public RolePair $pair,
    ) {}

    public function key(): string
    {
        return $this->key;
    }

    public function severity(): Severity
    {
        return $this->severity;
    }

    public function step(): string
    {
        return StepKey::COLORS;
    }

    public function path(): string
    {
        return $this->inkPath;
    }

    public function inWords(Inspection $input): string
    {
        return ucfirst($this->title).' in '.$input->theme->schemes[$this->scheme];
    }

    public function measured(): string
    {
        return self::ratioText($this->measure).' : 1, needs '.self::ratioText($this->target);
    }

    public function fulfillment(): float
    {
        return $this->measure / $this->target;
    }

    public function placeCount(): int
    {
        return array_sum(array_map(count(...), $this->places));
    }

    /** A ratio is never rounded up: 4.499 reads 4.4. */
    public static function ratioText(float $ratio): string
    {
        return number_format(floor($ratio * 10 + 1e-9) / 10, 1);
    }
}
