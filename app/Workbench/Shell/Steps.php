<?php

declare(strict_types=1);

namespace App\Workbench\Shell;

/** The steps there are, in the order of the work. */
final readonly class Steps
{
    /** @var array<string, Step> by key */
    private array $steps;

    /** @param list<Step> $steps */
    public function __construct(array $steps)
    {
        $this->steps = array_combine(array_map(static fn(Step $s): string => $s->key(), $steps), $steps);
    }

    /** @return list<Step> */
    public function all(): array
    {
        return array_values($this->steps);
    }

    /** Where the work begins. */
    public function first(): Step
    {
        foreach ($this->steps as $step) {
            if (! $step instanceof StandsApart) {
                return $step;
            }
        }

        throw new \LogicException('There is no step.');
    }

    public function find(string $key): ?Step
    {
        return $this->steps[$key] ?? null;
    }

    /** The step with this key, or the first: a request may name one that is gone. */
    public function orFirst(string $key): Step
    {
        return $this->steps[$key] ?? $this->first();
    }
}
