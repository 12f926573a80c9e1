<?php

declare(strict_types=1);

namespace Ikat\Core\Contrast;

use Ikat\Core\Check\Severity;
use Ikat\Core\Setting\ColorSet;

/** Where an ink crosses a ground: the worst of what occurs there. */
final readonly class ContrastCell
{
    /**
     * @param string $column the column it stands in: a ground, or the ground of one set as ground@scheme.night
     * @param ColorSet $set of colors in which it is at its worst
     * @param float $ratio contrast at its worst point, unrounded
     * @param float $target the ratio asked; 0 when none is
     * @param ?Severity $severity null when it holds
     * @param list<string> $states it occurs in, as RolePair::STATES orders them
     * @param array<string, list<int>> $places page => element numbers, in all its sets; empty when no part wears it
     * @param string $clause of the standard
     * @param list<string> $kinds text, large text, drawings, edges; empty for what needs no contrast
     */
    public function __construct(
        public string $ink,
        public string $ground,
        public string $column,
        public ColorSet $set,
        public float $ratio,
        public float $target,
        public ?Severity $severity,
        public array $states,
        public array $places,
        public string $clause,
        public array $kinds,
    ) {}

    public function key(): string
    {
        return "$this->ink:$this->column";
    }

    public function title(): string
    {
        return RolePair::name($this->ink).' on '.RolePair::name($this->ground);
    }
}
