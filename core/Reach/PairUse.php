<?php

declare(strict_types=1);

namespace Ikat\Core\Reach;

/** An ink that really stands on a ground somewhere, with all the places where it does. */
final class PairUse
{
    /** @var array<string, list<int>> page => element numbers */
    public array $places = [];

    /**
     * @param string $ink custom property of the root, e.g. --scheme-night-ink
     * @param string $ground custom property of the root
     * @param string $kind text, graphic or control
     * @param string $state plain, hover, focus, active, visited, target, selected, error or disabled
     * @param string $size font size as written, for text
     * @param float $factor what the size is multiplied by
     * @param string $beneath custom properties of the grounds under the ground, the nearest first, with spaces between
     */
    public function __construct(
        public readonly string $ink,
        public readonly string $ground,
        public readonly string $kind,
        public readonly string $state,
        public readonly string $size,
        public readonly float $factor,
        public readonly bool $bold,
        public readonly string $beneath = '',
    ) {}

    public function key(): string
    {
        return "$this->ink|$this->ground|$this->kind|$this->state|$this->size|$this->factor|".($this->bold ? 'bold' : '')."|$this->beneath";
    }
}
