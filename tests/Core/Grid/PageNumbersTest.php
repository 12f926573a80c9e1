<?php

declare(strict_types=1);

namespace Tests\Core\Grid;

use Ikat\Core\Grid\PageNumbers;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** By hand: the first, the last and those beside the one that is shown; never a gap of one page. */
final class PageNumbersTest extends TestCase
{
    /** @return iterable<array{int, int, string}> */
    public static function pages(): iterable
    {
        yield [1, 1, '1'];
        yield [1, 3, '1 2 3'];
        yield [1, 9, '1 2 … 9'];
        yield [4, 9, '1 2 3 4 5 … 9'];
        yield [5, 9, '1 … 4 5 6 … 9'];
        yield [6, 9, '1 … 5 6 7 8 9'];
        yield [9, 9, '1 … 8 9'];
        yield [3, 5, '1 2 3 4 5'];
    }

    #[DataProvider('pages')]
    public function testWhichPagesAreNamed(int $here, int $last, string $named): void
    {
        $words = array_map(static fn(?int $n): string => $n === null ? '…' : (string) $n, PageNumbers::near($here, $last));
        self::assertSame($named, implode(' ', $words));
    }
}
