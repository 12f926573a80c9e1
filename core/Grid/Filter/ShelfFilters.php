<?php

declare(strict_types=1);

namespace Ikat\Core\Grid\Filter;

/**
 * What the products of a shelf can be told apart by, how many each choice would show, and which are asked for.
 *
 * Between groups all must hold, within one any; a choice is counted as if nothing else of its group were chosen (common practice, no
 * source). What a shelf does not offer is not asked for, so that an old link never hides anything without saying so.
 */
final readonly class ShelfFilters
{
    /** Facts that are offered, and values of one, at most. */
    private const FACTS = 4;
    private const VALUES = 8;

    /** Share of the products that a fact is said of, at least. */
    private const SAID = 0.4;

    /** @var list<FilterGroup> in order; none where there is nothing to choose */
    public array $groups;

    /** What is asked for, of what is offered. */
    public FilterQuestion $asked;

    /** @var list<int> ids of the products that are asked for */
    public array $matching;

    /**
     * @param list<FilteredGoods> $goods of the shelf
     * @param bool $byPrice whether prices are offered; $byFacts the same of facts
     */
    public function __construct(array $goods, FilterQuestion $asked, bool $byPrice, bool $byFacts)
    {
        $bands = $byPrice ? PriceBands::of(array_map(static fn(FilteredGoods $g): int => $g->price, $goods)) : [];
        $facts = $byFacts ? self::facts($goods) : [];
        $ranges = array_map(FilterQuestion::range(...), $bands);
        $chosenFacts = [];
        foreach ($facts as $name => $values) {
            $chosenFacts[$name] = array_values(array_intersect($values, $asked->facts[$name] ?? []));
        }
        $this->asked = new FilterQuestion(
            $asked->inStock,
            $asked->reduced,
            array_values(array_intersect($ranges, $asked->prices)),
            array_filter($chosenFacts),
        );
        $offered = [
            'stock' => ['stock', '', ['1' => static fn(FilteredGoods $g): bool => $g->inStock]],
            'reduced' => ['reduced', '', ['1' => static fn(FilteredGoods $g): bool => $g->isReduced]],
            'price' => ['price', '', array_combine($ranges, array_map(
                static fn(array $band): \Closure => static fn(FilteredGoods $g): bool => $g->price >= $band[0]
                    && ($band[1] === null || $g->price < $band[1]),
                $bands,
            ))],
        ];
        foreach ($facts as $name => $values) {
            $offered["fact $name"] = ['fact', (string) $name, array_combine($values, array_map(
                static fn(string $value): \Closure => static fn(FilteredGoods $g): bool => ($g->facts[$name] ?? null) === $value,
                $values,
            ))];
        }
        $chosen = [
            'stock' => $this->asked->inStock ? ['1'] : [], 'reduced' => $this->asked->reduced ? ['1'] : [], 'price' => $this->asked->prices,
        ];
        foreach ($this->asked->facts as $name => $values) {
            $chosen["fact $name"] = $values;
        }
        $this->matching = array_map(
            static fn(FilteredGoods $g): int => $g->id,
            self::fitting($goods, $offered, array_filter($chosen)),
        );
        $groups = [];
        foreach ($offered as $key => [$kind, $name, $tests]) {
            $others = self::fitting($goods, $offered, array_filter(array_diff_key($chosen, [$key => true])));
            $options = [];
            foreach ($tests as $value => $test) {
                $isChosen = in_array((string) $value, $chosen[$key] ?? [], true);
                $count = count(array_filter($others, $test));
                if ($kind === 'price' || $kind === 'fact' || $isChosen || $count > 0) {
                    $options[] = new FilterOption((string) $value, $count, $isChosen);
                }
            }
            if ($options !== []) {
                $groups[] = new FilterGroup($kind, $name, $options);
            }
        }
        $this->groups = $groups;
    }

    /**
     * @param list<FilteredGoods> $goods
     * @param array<string, array{string, string, array<array-key, \Closure(FilteredGoods): bool>}> $offered
     * @param array<string, list<string>> $chosen key of what is offered => values
     *
     * @return list<FilteredGoods>
     */
    private static function fitting(array $goods, array $offered, array $chosen): array
    {
        foreach ($chosen as $key => $values) {
            $tests = array_intersect_key($offered[$key][2], array_flip($values));
            $goods = array_filter(
                $goods,
                static fn(FilteredGoods $g): bool => array_filter($tests, static fn(\Closure $test): bool => $test($g)) !== [],
            );
        }

        return array_values($goods);
    }

    /**
     * Facts that tell products apart: said of many, with a few values of which one at least is said of several.
     *
     * @param list<FilteredGoods> $goods
     *
     * @return array<array-key, list<string>> name => values, those said of the most first
     */
    private static function facts(array $goods): array
    {
        $counts = [];
        foreach ($goods as $each) {
            foreach ($each->facts as $name => $fact) {
                $counts[$name][$fact] = ($counts[$name][$fact] ?? 0) + 1;
            }
        }
        $tells = array_filter($counts, static fn(array $of): bool => count($of) > 1 && count($of) <= self::VALUES
            && max($of) > 1 && array_sum($of) >= self::SAID * count($goods));
        uasort($tells, static fn(array $a, array $b): int => array_sum($b) <=> array_sum($a));
        $facts = [];
        foreach (array_slice($tells, 0, self::FACTS, true) as $name => $of) {
            arsort($of);
            $facts[$name] = array_map(strval(...), array_keys($of));
        }

        return $facts;
    }
}
