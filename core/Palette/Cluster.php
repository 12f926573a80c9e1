<?php

declare(strict_types=1);

namespace Ikat\Core\Palette;

/** Bins that are taken for one ink; the first is the heaviest. */
final class Cluster
{
    public float $weight;

    public float $flat;

    /** @var non-empty-list<Bin> */
    public array $bins;

    public function __construct(Bin $first)
    {
        $this->weight = $first->weight;
        $this->flat = $first->flat;
        $this->bins = [$first];
    }

    public function add(Bin $bin): void
    {
        $this->weight += $bin->weight;
        $this->flat += $bin->flat;
        $this->bins[] = $bin;
    }
}
