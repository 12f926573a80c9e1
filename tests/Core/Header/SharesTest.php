<?php

declare(strict_types=1);

namespace Tests\Core\Header;

use Ikat\Core\Header\Lines;
use Ikat\Core\Header\Shares;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** How places share a row, by hand after CSS Grid Layout Level 2, 12.5 to 12.7; against Chromium in HeaderInChromiumTest. */
final class SharesTest extends TestCase
{
    /** @return iterable<string, array{array{float, float, float, ?float, float, ?string, float}, array{float, float, float, float}}> */
    public static function rows(): iterable
    {
        yield 'two sides, and room to spare' => [[1000, 32, 200, null, 100, null, 0], [868, 0, 100, 0]];
        yield 'the left gives way' => [[1000, 32, 900, null, 200, 'start', 300], [768, 0, 200, 0]];
        yield 'the right gives way' => [[1000, 32, 200, null, 900, 'end', 300], [200, 0, 768, 0]];
        yield 'it gives way no further than its longest word' => [[400, 32, 900, null, 200, 'start', 300], [300, 0, 200, 132]];
        yield 'the middle stands in the middle' => [[1000, 32, 200, 100.0, 150, null, 0], [418, 100, 418, 0]];
        yield 'a side that needs more pushes it aside' => [[1000, 32, 500, 100.0, 150, null, 0], [500, 100, 336, 0]];
        yield 'a middle that gives way' => [[1000, 32, 200, 900.0, 150, 'middle', 100], [200, 586, 150, 0]];
        yield 'too little for all' => [[500, 32, 200, 300.0, 150, null, 0], [200, 300, 150, 214]];
        yield 'nothing on the right: the gap before it may stand outside' => [[532, 32, 200, 300.0, 0, null, 0], [200, 300, 0, 0]];
    }

    /**
     * @param array{float, float, float, ?float, float, ?string, float} $row
     * @param array{float, float, float, float} $expected
     */
    #[DataProvider('rows')]
    public function testPlacesShareARow(array $row, array $expected): void
    {
        self::assertEquals(array_combine(['start', 'middle', 'end', 'over'], $expected), Shares::of(...$row));
    }

    public function testThingsGoOnInTheNextLineWhereTheyNoLongerFit(): void
    {
        self::assertSame([[0, 1], [2]], Lines::of([100.0, 100.0, 100.0], 20.0, 220.0));
        self::assertSame([[0], [1]], Lines::of([300.0, 50.0], 20.0, 220.0), 'what is wider than a line has one to itself');
        self::assertSame([], Lines::of([], 20.0, 220.0));
    }
}
