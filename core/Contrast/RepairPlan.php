<?php

declare(strict_types=1);

namespace Ikat\Core\Contrast;

/** What mends all faint pairs at once, and what it could not. */
final readonly class RepairPlan
{
    /**
     * @param array<string, string> $changes path => hex, or the strength of a veil
     * @param list<array{label: string, from: string, to: string, says: string, difference: float}> $steps hex colors, what it becomes in
     *     words, CIEDE2000
     * @param list<string> $left sentences that name the pairs that contradict each other
     */
    public function __construct(public array $changes, public array $steps, public array $left) {}

    public function furthest(): float
    {
        return max([0.0, ...array_column($this->steps, 'difference')]);
    }
}
