<?php

declare(strict_types=1);

namespace Ikat\Core\Store;

/**
 * The ways a product comes: one of each of its options. As long as nothing is said of any of them, all are there and are taken from the
 * product's own stock; from then on those that are named are there, and no others.
 */
final readonly class Variants
{
    public const MOST_OPTIONS = 3;
    public const MOST = 100;

    /**
     * @param array<string, list<string>> $options name => values
     * @param array<string, Variant> $named by what they are called
     */
    private function __construct(public array $options, public array $named) {}

    /**
     * @param array<int|string, int|string> $options name => values, between commas, as OptionsCell reads them
     * @param array<int|string, int|string> $kept what a variant is called => what Variant::kept() gave
     */
    public static function of(array $options, array $kept): self
    {
        $read = [];
        foreach ($options as $name => $values) {
            $read[(string) $name] = explode(', ', (string) $values);
        }
        $named = [];
        foreach ($kept as $called => $of) {
            $named[(string) $called] = Variant::of((string) $called, (string) $of);
        }

        return new self($read, $named);
    }

    /** @return array<string, string> as of() takes them */
    public function kept(): array
    {
        return array_map(static fn(Variant $v): string => $v->kept(), $this->named);
    }

    public function areThere(): bool
    {
        return $this->options !== [];
    }

    /** Whether stock is that of the variants, and not the product's. */
    public function haveStock(): bool
    {
        return $this->options !== [] && $this->named !== [];
    }

    /** @return list<string> what every one the options make is called; the last option changes first */
    public function every(): array
    {
        if ($this->options === []) {
            return [];
        }
        $made = [''];
        foreach ($this->options as $values) {
            $longer = [];
            foreach ($made as $begun) {
                foreach ($values as $value) {
                    $longer[] = $begun === '' ? $value : $begun.Variant::BETWEEN.$value;
                }
            }
            $made = $longer;
        }

        return $made;
    }

    /** @return ?Variant null where there is none that is called so */
    public function find(string $called): ?Variant
    {
        return $this->named[$called]
            ?? ($this->named === [] && in_array($called, $this->every(), true) ? new Variant($called) : null);
    }

    /** @return ?int pieces of all of them; null where one is not counted */
    public function stock(): ?int
    {
        $stocks = array_map(static fn(Variant $v): ?int => $v->stock, $this->named);

        return in_array(null, $stocks, true) ? null : array_sum($stocks);
    }

    /** @return array{int, int} cents that the cheapest and the dearest that can be bought cost more than the product */
    public function span(): array
    {
        $more = array_map(static fn(Variant $v): int => $v->more, array_filter($this->named, static fn(Variant $v): bool => $v->isSold()));

        return $more === [] ? [0, 0] : [min($more), max($more)];
    }

    public function with(Variant $variant): self
    {
        return new self($this->options, $this->inOrder([...$this->named, $variant->called => $variant]));
    }

    public function without(string $called): self
    {
        return new self($this->options, array_diff_key($this->named, [$called => 0]));
    }

    /** Those of the same meaning after the options have become others: renamed values take theirs along, and what is gone goes. */
    public function under(self $others): self
    {
        $kept = [];
        foreach ($this->named as $variant) {
            $called = $this->calledUnder($others, explode(Variant::BETWEEN, $variant->called));
            if ($called !== null) {
                $kept[$called] ??= $variant->called($called);
            }
        }

        return new self($others->options, $others->inOrder($kept));
    }

    /** @param list<string> $values */
    private function calledUnder(self $others, array $values): ?string
    {
        $before = array_values($this->options);
        $called = [];
        foreach (array_values($others->options) as $i => $offered) {
            $had = $before[$i] ?? null;
            $at = $had === null ? 0 : array_search($values[$i] ?? '', $had, true);
            $value = $had === null || count($had) === count($offered) && $at !== false ? $offered[(int) $at] : $values[$i] ?? '';
            if (! in_array($value, $offered, true)) {
                return null;
            }
            $called[] = $value;
        }

        return $called === [] ? null : implode(Variant::BETWEEN, $called);
    }

    /**
     * @param array<string, Variant> $named
     *
     * @return array<string, Variant>
     */
    private function inOrder(array $named): array
    {
        $ordered = [];
        foreach ($this->every() as $called) {
            if (isset($named[$called])) {
                $ordered[$called] = $named[$called];
            }
        }

        return $ordered;
    }
}
