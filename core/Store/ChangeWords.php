<?php

declare(strict_types=1);

namespace Ikat\Core\Store;

/** An edit of the store in a few words. */
final class ChangeWords
{
    private const SHOWN = 40;

    /**
     * @param non-empty-list<RecordChange> $changes
     * @param array<string, RecordKind> $kinds by key
     */
    public static function of(array $changes, array $kinds, Names $names): string
    {
        $first = $changes[0];
        $kind = $kinds[$first->kind];
        $count = count($changes);
        $made = array_filter($changes, static fn(RecordChange $c): bool => $c->before === null);
        $gone = array_filter($changes, static fn(RecordChange $c): bool => $c->after === null);
        $keys = array_unique(array_merge(...array_map(static fn(RecordChange $c): array => array_keys($c->after ?? []), $changes)));
        if (count($made) === $count || count($gone) === $count) {
            $verb = $made === [] ? 'deleted' : 'new';

            return $count === 1 ? "$verb $kind->one: $first->called" : "$verb: $count $kind->many";
        }
        if (count($keys) !== 1) {
            return $count === 1 ? "$first->called: ".count($keys).' things' : "$count $kind->many";
        }
        $column = $kind->column($keys[0]);
        if ($count > 1) {
            return "$column->label of $count $kind->many";
        }
        $before = self::short($column->type->write($first->before[$column->key] ?? null, $names));
        $after = self::short($column->type->write($first->after[$column->key] ?? null, $names));

        return "$column->label of $first->called: $before to $after";
    }

    private static function short(string $written): string
    {
        return match (true) {
            $written === '' => 'none',
            mb_strlen($written) > self::SHOWN => mb_substr($written, 0, self::SHOWN - 1).'…',
            default => $written,
        };
    }
}
