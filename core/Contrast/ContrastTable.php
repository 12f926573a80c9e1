<?php

declare(strict_types=1);

namespace Ikat\Core\Contrast;

use Ikat\Core\Check\Inspection;
use Ikat\Core\Compile\SchemeStates;
use Ikat\Core\Setting\ColorSet;
use Ikat\Core\Setting\SchemeRoles;

/**
 * Every ink on every ground that really occurs: a column for each ground, and a cell where the pages have an ink on it.
 */
final readonly class ContrastTable
{
    /**
     * @param list<string> $inks roles, in the order of the roles
     * @param list<string> $columns grounds; where several sets are shown the ground of each, as ground@scheme.night
     * @param array<string, ContrastCell> $cells by "ink:column"
     */
    private function __construct(public array $inks, public array $columns, public array $cells) {}

    /** @param list<ColorSet> $sets; of several, the ground of each has a column of its own, and of other grounds the worst is shown */
    public static function of(Inspection $input, array $sets): self
    {
        $palette = $input->get(SchemeColors::class);
        $worn = $input->get(RolePairs::class);
        $rows = [];
        foreach (PairContrast::pairs($input) as $pair) {
            foreach ($sets as $set) {
                $isWorn = $worn->isWorn($pair, $set->scheme);
                // What lies over a picture is not in the schemes that do not lie there.
                if ($isWorn || $pair->ground !== SchemeColors::OVER) {
                    $column = $pair->ground === 'ground' && count($sets) > 1 ? "ground@$set->name" : $pair->ground;
                    $rows["$pair->ink:$column"][] = [$pair, $set, $pair->ratio($palette, $set), $isWorn];
                }
            }
        }
        $cells = [];
        foreach ($rows as $key => $row) {
            $cells[$key] = self::cell(explode(':', $key, 2)[1], $row);
        }
        $names = array_map(static fn(ColorSet $s): string => $s->name, $sets);
        $order = array_flip([...array_keys(SchemeRoles::ALL), ...array_keys(SchemeStates::SOURCES), SchemeColors::OVER]);
        $sorted = static function (string ...$roles) use ($order, $names): array {
            $roles = array_values(array_unique($roles));
            // A state stands beside what it is a state of.
            $rank = static function (string $column) use ($order, $names): array {
                [$role, $set] = explode('@', $column) + [1 => ''];

                return [$order[SchemeColors::source($role)] ?? 99, $order[$role] ?? 99, (int) array_search($set, $names, true)];
            };
            usort($roles, static fn(string $a, string $b): int => $rank($a) <=> $rank($b));

            return $roles;
        };

        return new self(
            $sorted(...array_map(static fn(ContrastCell $c): string => $c->ink, array_values($cells))),
            $sorted(...array_map(static fn(ContrastCell $c): string => $c->column, array_values($cells))),
            $cells,
        );
    }

    /** @param non-empty-list<array{RolePair, ColorSet, float, bool}> $rows pair, set, ratio, whether a part wears it */
    private static function cell(string $column, array $rows): ContrastCell
    {
        // What is worn counts before what is not, then what is furthest below its target.
        usort(
            $rows,
            static fn(array $a, array $b): int => [
                ! $a[3],
                $a[0]->target() <= 0,
                $a[0]->target() > 0 ? $a[2] / $a[0]->target() : 0,
            ] <=> [! $b[3], $b[0]->target() <= 0, $b[0]->target() > 0 ? $b[2] / $b[0]->target() : 0],
        );
        [$pair, $set, $ratio, $isWorn] = $rows[0];
        $places = $states = $kinds = [];
        foreach ($rows as [$other, $of, , $otherIsWorn]) {
            if ($isWorn && ! $otherIsWorn) {
                continue;
            }
            // What no part wears has the states it would have, which other schemes show.
            $states += $other->states[$of->scheme] ?? array_merge(...array_values($other->states));
            $kinds[match ($other->kind) {
                'text' => $other->large ? 'large text' : 'text',
                'graphic' => 'drawings',
                'control' => 'edges',
                default => '',
            }] = true;
            foreach ($other->places[$of->scheme] ?? [] as $page => $elements) {
                $places[$page] = array_values(array_unique([...$places[$page] ?? [], ...$elements]));
            }
        }

        return new ContrastCell(
            $pair->ink,
            $pair->ground,
            $column,
            $set,
            $ratio,
            $pair->target(),
            $ratio < $pair->target() ? PairContrast::severity($pair, $isWorn) : null,
            array_values(array_filter(RolePair::STATES, static fn(string $s): bool => isset($states[$s]))),
            $places,
            $pair->clause(),
            array_values(array_filter(array_keys($kinds))),
        );
    }
}
