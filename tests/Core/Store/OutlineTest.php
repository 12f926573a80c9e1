<?php

declare(strict_types=1);

namespace Tests\Core\Store;

use Ikat\Core\Store\Outline;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class OutlineTest extends TestCase
{
    /** @return iterable<string, array{string, string, int, string}> outline, entry, by, outline then */
    public static function moves(): iterable
    {
        yield 'later, with what belongs to it' => ['A1 b2 c3 D1 e2 F1', 'A', 1, 'D1 e2 A1 b2 c3 F1'];
        yield 'earlier, over what belongs to another' => ['A1 b2 c3 D1 e2 F1', 'F', -1, 'A1 b2 c3 F1 D1 e2'];
        yield 'within its own' => ['A1 b2 c2 D1', 'c', -1, 'A1 c2 b2 D1'];
        yield 'not out of its own, earlier' => ['A1 b2 c2 D1', 'b', -1, 'A1 b2 c2 D1'];
        yield 'not out of its own, later' => ['A1 b2 c2 D1', 'c', 1, 'A1 b2 c2 D1'];
        yield 'the first' => ['A1 B1', 'A', -1, 'A1 B1'];
        yield 'the last' => ['A1 B1 c2', 'B', 1, 'A1 B1 c2'];
        yield 'a deep one nothing stands above' => ['a2 B1', 'B', -1, 'a2 B1'];
    }

    #[DataProvider('moves')]
    public function testAnEntryMovesWithAllThatBelongsToIt(string $outline, string $entry, int $by, string $then): void
    {
        $entries = explode(' ', $outline);
        $levels = array_map(static fn(string $e): int => (int) $e[1], $entries);
        $at = array_search($entry, array_map(static fn(string $e): string => $e[0], $entries), true);
        $order = Outline::moved($levels, (int) $at, $by);
        self::assertSame($then, implode(' ', array_map(static fn(int $i): string => $entries[$i], $order)));
    }

    public function testThereAndBackIsWhereItWas(): void
    {
        mt_srand(13);
        for ($n = 0; $n < 300; $n++) {
            $levels = array_map(static fn(): int => mt_rand(1, 3), range(1, mt_rand(2, 9)));
            $at = mt_rand(0, count($levels) - 1);
            $order = Outline::moved($levels, $at, 1);
            self::assertSame(array_keys($levels), self::sorted($order));
            if ($order === array_keys($levels)) {
                continue;
            }
            $moved = array_map(static fn(int $i): int => $levels[$i], $order);
            $back = Outline::moved($moved, (int) array_search($at, $order, true), -1);
            self::assertSame(
                array_keys($levels),
                array_map(static fn(int $i): int => $order[$i], $back),
                json_encode([$levels, $at]) ?: '',
            );
        }
    }

    public function testWhatBelongedToAnEntryThatGoesComesUp(): void
    {
        self::assertSame([1 => 1, 2 => 2], Outline::risen([1, 2, 3, 1, 2], [0]));
        self::assertSame([2 => 1], Outline::risen([1, 2, 3, 1, 2], [0, 1]));
        self::assertSame([2 => 2], Outline::risen([1, 2, 3, 1, 2], [1]));
        self::assertSame([], Outline::risen([1, 2, 3, 1, 2], [4]));
        self::assertSame([], Outline::risen([3, 1], [1]));
    }

    /**
     * @param list<int> $order
     *
     * @return list<int>
     */
    private static function sorted(array $order): array
    {
        sort($order);

        return $order;
    }
}
