<?php

declare(strict_types=1);

namespace Ikat\Core\Grid;

/** One frame for many pictures: what it costs them all, and which costs the least. */
final readonly class FrameFor
{
    /** Proportions that are tried, from the tallest to the widest, and how far apart. */
    private const STEP = 0.01;

    /** How much more a share of the thing that is lost counts than one of the ground around it. */
    private const THING = 10.0;

    /** @param list<FramedPicture> $pictures */
    public function __construct(public array $pictures) {}

    /** Share of each picture's area that a frame cuts off, on average. */
    public function cut(float $frame): float
    {
        return $this->average(static fn(FramedPicture $p): float => $p->cut($frame));
    }

    /** Pictures whose thing a frame cuts into. */
    public function thingsCut(float $frame): int
    {
        return count(array_filter($this->pictures, static fn(FramedPicture $p): bool => $p->isThingCut($frame)));
    }

    /** The frame that cuts least into things wherever their pictures are pointed, and then the least of the pictures; null without any. */
    public function best(): ?float
    {
        $best = null;
        $least = INF;
        for ($frame = Proportion::LEAST; $this->pictures !== [] && $frame <= Proportion::MOST + 1e-9; $frame += self::STEP) {
            $costs = $this->average(static fn(FramedPicture $p): float => $p->cut($frame) + self::THING * $p->leastThingCut($frame));
            if ($costs < $least - 1e-9) {
                [$least, $best] = [$costs, round($frame, 2)];
            }
        }

        return $best;
    }

    /** @return list<int> numbers of the pictures, those first whose thing is cut most, and then those of which most is */
    public function worst(float $frame): array
    {
        $numbers = array_keys($this->pictures);
        $cost = array_map(
            static fn(FramedPicture $p): array => [round($p->thingCut($frame), 4), round($p->cut($frame), 4)],
            $this->pictures,
        );
        usort($numbers, static fn(int $a, int $b): int => $cost[$b] <=> $cost[$a]);

        return $numbers;
    }

    /** @param callable(FramedPicture): float $of */
    private function average(callable $of): float
    {
        return $this->pictures === [] ? 0.0 : array_sum(array_map($of, $this->pictures)) / count($this->pictures);
    }
}
