<?php

declare(strict_types=1);

namespace Tests\Core\Setting;

use Ikat\Core\Setting\Measure;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class MeasureTest extends TestCase
{
    /** @return iterable<string, array{string, string, ?float}> written, unit of the setting => value */
    public static function written(): iterable
    {
        yield 'a number' => ['24', 'px', 24.0];
        yield 'a sum' => ['24*1.5', 'px', 36.0];
        yield 'brackets' => ['(24 + 8) / 2', 'px', 16.0];
        yield 'typographic signs, a comma' => ['1,5 × 10 − 3', '', 12.0];
        yield 'its own unit' => ['24 px', 'px', 24.0];
        yield 'less than nothing' => ['-4px + 6', 'px', 2.0];
        // CSS Values and Units 4, 6.2: 1in = 2.54cm = 96px, 1cm = 10mm = 40Q, 1pc = 12pt, 72pt = 1in.
        yield 'inches' => ['1in', 'px', 96.0];
        yield 'centimeters' => ['2.54cm', 'px', 96.0];
        yield 'millimeters' => ['25.4 mm', 'px', 96.0];
        yield 'quarter millimeters' => ['101.6q', 'px', 96.0];
        yield 'points' => ['12pt', 'px', 16.0];
        yield 'picas' => ['1pc', 'px', 16.0];
        yield 'the root’s letters' => ['1.5rem + 2px', 'px', 26.0];
        yield 'a share' => ['50% / 2', '%', 25.0];
        yield 'a share where a length is meant' => ['50%', 'px', null];
        yield 'a length where a share is meant' => ['5px', '%', null];
        yield 'a unit where none is' => ['5px', '', null];
        yield 'by nothing' => ['5/0', 'px', null];
        yield 'words' => ['wide', 'px', null];
        yield 'half a sum' => ['5*', 'px', null];
        yield 'a power' => ['9**9**9', 'px', null];
        yield 'a call' => ['constant("PHP_VERSION")', '', null];
        yield 'nothing' => ['', 'px', null];
        yield 'a long one' => [str_repeat('1+', 40).'1', 'px', null];
    }

    #[DataProvider('written')]
    public function testReadsWhatIsWritten(string $text, string $unit, ?float $value): void
    {
        $found = Measure::read($text, $unit);
        $value === null ? self::assertNull($found) : self::assertEqualsWithDelta($value, $found, 0.0001);
    }
}
