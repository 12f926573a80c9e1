<?php

declare(strict_types=1);

namespace Tests\Core\Store;

use Brick\Math\BigDecimal;
use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Ikat\Core\Store\BulkChange;
use Ikat\Core\Store\Histogram;
use Ikat\Core\Store\Margin;
use Ikat\Core\Store\RecordKinds;
use Ikat\Core\Store\RecordQuestion;
use Ikat\Core\Store\UnreadableCell;
use PHPUnit\Framework\TestCase;

/** Prices, margins and changes to many of them, in whole cents. The second computation is brick/math's, in decimals and fractions. */
final class NumbersTest extends TestCase
{
    public function testAMarginIsWhatDecimalArithmeticSays(): void
    {
        foreach (self::sums() as [$price, $cost]) {
            $margin = new Margin($price, $cost);
            $exact = BigRational::of(($price - $cost) * 100)->dividedBy($price);
            self::assertSame($price - $cost, $margin->left());
            self::assertSame($exact->toScale(0, RoundingMode::HALF_UP)->toInt(), $margin->percent(), "$cost of $price");
        }
        self::assertNull((new Margin(0, 500))->percent());
        // Half a percent goes away from nothing on both sides.
        self::assertSame(13, (new Margin(800, 700))->percent());
        self::assertSame(-13, (new Margin(800, 900))->percent());
    }

    public function testAFactorIsWhatDecimalArithmeticSays(): void
    {
        foreach (['1.06', '0.5', '2', '1.1255', '0,95'] as $typed) {
            $change = BulkChange::of('times', $typed, true);
            foreach (self::sums() as [$price]) {
                $exact = BigDecimal::of(str_replace(',', '.', $typed))->multipliedBy($price);
                self::assertSame($exact->toScale(0, RoundingMode::HALF_UP)->toInt(), $change->applied($price), "$price times $typed");
            }
        }
    }

    public function testNumbersAreSetAddedToAndRounded(): void
    {
        self::assertSame(1260, BulkChange::of('set', '12.60', true)->applied(99));
        self::assertSame(1050, BulkChange::of('add', '0.50', true)->applied(1000));
        self::assertSame(950, BulkChange::of('add', '-0.50', true)->applied(1000));
        self::assertSame(950, BulkChange::of('add', "\u{2212}0.50", true)->applied(1000));
        self::assertSame([1230, 1235, 1235], array_map(BulkChange::of('round', '0.05', true)->applied(...), [1232, 1233, 1237]));
        self::assertSame(30, BulkChange::of('add', '6', false)->applied(24));
        foreach ([['times', '1.x', true], ['round', '0', true], ['halve', '2', true], ['set', '1.5', false]] as $bad) {
            try {
                BulkChange::of(...$bad);
                self::fail(implode(' ', $bad));
            } catch (UnreadableCell $e) {
                self::assertNotSame('', $e->getMessage());
            }
        }
    }

    public function testBarsHaveRoundEndsAndHoldEveryNumber(): void
    {
        foreach ([[0, 60], [400, 18500], [-4, 71], [5, 5], [0, 999_999], [-250, -10]] as [$least, $most]) {
            $scale = Histogram::scale($least, $most);
            $bars = Histogram::of($scale, []);
            self::assertLessThanOrEqual(12, count($bars->counts));
            self::assertLessThanOrEqual($least, $bars->ends(0)[0]);
            self::assertGreaterThanOrEqual($most, $bars->ends(count($bars->counts) - 1)[1]);
            self::assertSame(0, $bars->from % $bars->step);
            self::assertMatchesRegularExpression('/^(1|2|5)0*$/', (string) $bars->step);
            self::assertGreaterThan(min(3, $most - $least), count($bars->counts), 'as fine as it can be');
        }
        self::assertSame([3, 0, 1], Histogram::of(['from' => 0, 'step' => 10, 'bars' => 3], [0 => 3, 2 => 1])->counts);
    }

    public function testAQuestionIsWrittenAndReadAgain(): void
    {
        $kind = RecordKinds::all(new \DateTimeZone('UTC'))[RecordKinds::GOODS];
        $asked = RecordQuestion::of($kind, 'paper', 'stock:0..60,price:1000..2500', 'category_id:Candles', '-price', '3');
        self::assertSame(['stock' => [0, 60], 'price' => [1000, 2500]], $asked->ranges);
        self::assertTrue($asked->isDown);
        self::assertEquals($asked, RecordQuestion::of($kind, ...array_values($asked->written())));
        self::assertSame(1, $asked->within('stock', null)->page);
        self::assertSame('', $asked->sortedBy('price')->sort);
        self::assertEquals(
            new RecordQuestion('x'),
            RecordQuestion::of($kind, 'x', 'pricee:1..2,price:a..b,name:1..2,pictures:1..2', 'none:1', 'nothing', '-4'),
        );
        self::assertNull(RecordQuestion::of($kind, '', '', 'pictures:lead', '', '')->only);
    }

    /** @return iterable<array{int, int}> prices from a cent on, and costs below and above them */
    private static function sums(): iterable
    {
        for ($i = 1, $price = 1; $i < 400; $i++, $price += 7 * $i) {
            yield [$price, intdiv($price * ($i % 23), 17)];
        }
    }
}
