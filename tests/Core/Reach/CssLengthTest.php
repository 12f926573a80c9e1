<?php

declare(strict_types=1);

namespace Tests\Core\Reach;

use Ikat\Core\Reach\CssLength;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Source: CSS Values and Units Level 4, 10 (mathematical expressions); the values are worked out by hand. */
final class CssLengthTest extends TestCase
{
    private const PROPERTIES = [
        '--a' => '40px', '--b' => 'clamp(20px, 1px + 3vw, 50px)', '--c' => 'calc(var(--a) - 2 * 4px)', '--loop' => 'var(--loop)',
        '--round' => 'var(--about)', '--about' => 'var(--round)', '--sum' => '1px + 1px',
    ];

    /** @return iterable<string, array{string, ?float}> on a screen of 320 px, letters of 20 px, in a place of 200 px */
    public static function written(): iterable
    {
        yield 'px' => ['12.5px', 12.5];
        yield 'no unit' => ['0', 0.0];
        yield 'negative' => ['-3px', -3.0];
        yield 'rem' => ['1.5rem', 24.0];
        yield 'em' => ['1.5em', 30.0];
        yield 'vw' => ['10vw', 32.0];
        yield 'a share' => ['25%', 50.0];
        yield 'a property' => ['var(--a)', 40.0];
        yield 'a property behind a property' => ['var(--c)', 32.0];
        yield 'the middle of a clamp' => ['clamp(1px, 5vw, 50px)', 16.0];
        yield 'the least of a clamp' => ['var(--b)', 20.0];
        yield 'a least over the most wins' => ['clamp(30px, 5vw, 20px)', 30.0];
        yield 'min of several' => ['min(var(--a), 10vw, 90%)', 32.0];
        yield 'max' => ['max(.4em, 11px)', 11.0];
        yield 'times before plus' => ['calc(2px + 3 * 4px)', 14.0];
        yield 'parentheses' => ['calc((2px + 3px) * 4)', 20.0];
        yield 'from left to right' => ['calc(100px / 5 / 2 - 1px - 2px)', 7.0];
        yield 'a property is one value' => ['calc(10 * var(--sum))', 20.0];
        yield 'minus a product' => ['calc(10px - -2 * 3px)', 16.0];
        yield 'a size that grows' => ['calc(16 * 1rem / 16 + (20 - 16) * (100vw - 390px) / 890)', 16 - 4 * 70 / 890];
        yield 'not set' => ['var(--unknown)', null];
        yield 'in a circle' => ['var(--loop)', null];
        yield 'in a wider circle' => ['var(--round)', null];
        yield 'a word' => ['auto', null];
        yield 'a ratio' => ['1fr', null];
        yield 'nothing' => ['', null];
        yield 'by nothing' => ['calc(1px / 0)', null];
        yield 'half a function' => ['min(1px, ', null];
        yield 'two values' => ['1px 2px', null];
        yield 'a clamp of two' => ['clamp(1px, 2px)', null];
    }

    #[DataProvider('written')]
    public function testComesTo(string $written, ?float $px): void
    {
        $found = (new CssLength(self::PROPERTIES, 320, 20, 200))->px($written);
        if ($px === null) {
            self::assertNull($found);
        } else {
            self::assertEqualsWithDelta($px, $found, 1e-9);
        }
    }

    public function testASharesOfWhatIsNotKnownIsNotKnown(): void
    {
        self::assertNull((new CssLength([], 320))->px('min(50%, 10px)'));
    }
}
