<?php

declare(strict_types=1);

namespace Ikat\Core\Store;

/** An edit of the store in a few words. */
final class ChangeWords
{
    private const SHOWN = 40;

    /**
     * What must be known of changes to tell them, gathered piece by piece.
     *
     * @param array{}|array{first: RecordChange, keys: list<string>, made: int, gone: int} $told of those before
     * @param non-empty-list<RecordChange> $changes
     *
     * @return array{first: RecordChange, keys: list<string>, made: int, gone: int}
     */
    public static function together(array $told, array $changes): array
    {
        $keys = array_map(static fn(RecordChange $c): array => array_keys($c->after ?? []), $changes);

        return [
            'first' => $told['first'] ?? $changes[0],
            'keys' => array_values(array_unique(array_merge($told['keys'] ?? [], ...$keys))),
            'made' => ($told['made'] ?? 0) + count(array_filter($changes, static fn(RecordChange $c): bool => $c->before === null)),
            'gone' => ($told['gone'] ?? 0) + count(array_filter($changes, static fn(RecordChange $c): bool => $c->after === null)),
        ];
    }

    /**
     * @param array{first: RecordChange, keys: list<string>, made: int, gone: int} $told as together() gives it
     * @param int $count of records
     * @param array<string, RecordKind> $kinds by key
     */
    public static function of(array $told, int $count, array $kinds, Names $names): string
    {
        ['first' => $first, 'keys' => $keys, 'made' => $made, 'gone' => $gone] = $told;
        $kind = $kinds[$first->kind];
        // What was done is told to everybody of the store; who a customer is, is not.
        $called = $kind->isPrivate ? '' : $first->called;
        if ($made === $count || $gone === $count) {
            $verb = $made === 0 ? 'deleted' : 'new';

            return $count === 1 ? rtrim("$verb $kind->one: $called", ': ') : "$verb: $count $kind->many";
        }
        if (count($keys) !== 1) {
            return $count === 1 && $called !== '' ? "$called: ".count($keys).' things' : "$count $kind->many";
        }
        $column = $kind->column($keys[0]);
        if ($called === '' && $count === 1) {
            return "$column->label of one $kind->one";
        }
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
