<?php

declare(strict_types=1);

namespace Tests\Core\Checkout;

use Brick\Math\BigInteger;
use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Ikat\Core\Checkout\Delivery;
use Ikat\Core\Checkout\GoodsLine;
use Ikat\Core\Checkout\Promotion;
use Ikat\Core\Checkout\PromotionKind;
use Ikat\Core\Checkout\TaxRates;
use Ikat\Core\Checkout\Totals;
use Ikat\Core\Store\Cell\CountryCell;
use Ikat\Core\Store\Cell\DiscountCell;
use Ikat\Core\Store\Cell\PercentCell;
use Ikat\Core\Store\Names;
use Ikat\Core\Store\UnreadableCell;
use PHPUnit\Framework\TestCase;

final class TaxAndDeliveryTest extends TestCase
{
    public function testTaxOnTopAndWithin(): void
    {
        // 8.25% of 19.99 and 6.50 for the post: 26.49 x 0.0825 = 2.185425, so 2.19.
        $top = self::totals([new GoodsLine(1999)], null, new TaxRates(825));
        self::assertSame([219, 2868], [$top->tax, $top->total]);
        // 19% in 119.00 is 19.00 of it; the total stays what it was.
        $within = Totals::of([new GoodsLine(11_900)], null, self::now(), null, new TaxRates(1900, 700, true));
        self::assertSame([1900, 11_900], [$within->tax, $within->total]);
        // Goods of their own class each: 7% of 10.00, 19% of 20.00, nothing of 5.00.
        $classes = [new GoodsLine(1000, taxClass: 'reduced'), new GoodsLine(2000), new GoodsLine(500, taxClass: 'none')];
        self::assertSame(70 + 380, Totals::of($classes, null, self::now(), null, new TaxRates(1900, 700))->tax);
        self::assertSame(0, Totals::of([], null, self::now(), new Delivery(650), new TaxRates(1900))->tax);
    }

    public function testWhatACodeTakesOffIsTakenOffTheTaxedSumToTheCentAgainstASecondComputation(): void
    {
        mt_srand(4);
        for ($i = 0; $i < 400; $i++) {
            $lines = [];
            foreach (range(1, mt_rand(1, 6)) as $n) {
                $lines[] = new GoodsLine(
                    mt_rand(1, 20_000),
                    mt_rand(1, 4),
                    mt_rand(0, 3) > 0,
                    ['normal', 'reduced', 'none'][mt_rand(0, 2)],
                );
            }
            $code = new Promotion(
                'X',
                mt_rand(0, 1) === 1 ? PromotionKind::Percent : PromotionKind::Amount,
                mt_rand(1, 100),
                0,
                null,
                null,
            );
            $rates = new TaxRates(mt_rand(0, 2500), mt_rand(0, 1000), mt_rand(0, 1) === 1);
            $totals = self::totals($lines, $code, $rates);
            self::assertSame($totals->goods - $totals->off + $totals->delivery + ($rates->isWithin ? 0 : $totals->tax), $totals->total);
            self::assertLessThanOrEqual(3, abs($totals->tax - self::exactTax($lines, $totals, $rates)), 'a cent of each class at most');
        }
    }

    /** Tax without rounding in between, in exact fractions, to the nearest cent. @param list<GoodsLine> $lines */
    private static function exactTax(array $lines, Totals $totals, TaxRates $rates): int
    {
        $meant = array_sum(array_map(static fn(GoodsLine $l): int => $l->isMeant ? $l->sum() : 0, $lines));
        $tax = BigRational::of(0);
        $taxed = static function (BigRational $cents, int $rate) use ($rates): BigRational {
            $share = BigRational::nd($rate, $rates->isWithin ? 10_000 + $rate : 10_000);

            return $cents->multipliedBy($share);
        };
        foreach ($lines as $line) {
            $off = $line->isMeant && $meant > 0 ? BigRational::nd(BigInteger::of($totals->off)->multipliedBy($line->sum()), $meant) : 0;
            $tax = $tax->plus($taxed(BigRational::of($line->sum())->minus($off), $rates->of($line->taxClass)));
        }

        return $tax->plus($taxed(BigRational::of($totals->delivery), $rates->normal))->toScale(0, RoundingMode::HALF_UP)->toInt();
    }

    public function testCentsThatAreLeftOverGoWhereTheMostWasCutAway(): void
    {
        // 1.00 off 3.33 and 6.66: 33.33 and 66.66 cents; the cent that is left goes to the second.
        $lines = [new GoodsLine(333, taxClass: 'none'), new GoodsLine(666)];
        $totals = Totals::of(
            $lines,
            new Promotion('X', PromotionKind::Amount, 100, 0, null, null),
            self::now(),
            null,
            new TaxRates(10_000),
        );
        self::assertSame(666 - 67, $totals->tax);
    }

    public function testAnOfferTakesWhatItSays(): void
    {
        $light = new Delivery(300, countries: ['US', 'CA'], mostGrams: 500);
        $heavy = new Delivery(900, leastGrams: 501, leastSum: 1000);
        $lines = static fn(int $grams, int $sum = 2000): array => [new GoodsLine($sum, grams: $grams)];
        self::assertSame([true, false], [$light->takes('CA', $lines(500)), $heavy->takes('CA', $lines(500))]);
        self::assertSame([false, true], [$light->takes('CA', $lines(501)), $heavy->takes('CA', $lines(501))]);
        self::assertFalse($light->takes('FR', $lines(1)));
        self::assertFalse($heavy->takes('FR', $lines(501, 999)));
        self::assertFalse($light->takes('US', [new GoodsLine(100, 6, grams: 100)]));
    }

    public function testAGiftComesAlongWithSomethingThatIsPaidFor(): void
    {
        $gift = new Promotion('X', PromotionKind::Gift, 0, 2000, null, null);
        self::assertTrue(self::totals([new GoodsLine(2000)], $gift, new TaxRates())->isGiftGiven);
        self::assertFalse(self::totals([new GoodsLine(1999)], $gift, new TaxRates())->isGiftGiven);
        self::assertFalse(self::totals([], $gift, new TaxRates())->isGiftGiven);
    }

    public function testSharesAndCountriesAreReadAndWritten(): void
    {
        $names = new class implements Names {
            public function idOf(string $kind, string $called): ?int
            {
                return null;
            }

            public function nameOf(string $kind, int $id): string
            {
                return '';
            }
        };
        $percent = new PercentCell();
        foreach (['8.25%' => 825, '19' => 1900, '7,5 %' => 750, '0%' => 0, '100%' => 10_000] as $typed => $kept) {
            self::assertSame($kept, $percent->read((string) $typed, $names));
            self::assertSame($kept, $percent->read($percent->write($kept, $names), $names));
        }
        self::assertSame(
            ['8.25%', '7.5%', '20%', '0%'],
            array_map(static fn(int $v): string => $percent->write($v, $names), [825, 750, 2000, 0]),
        );
        self::assertSame('CA', (new CountryCell())->read('ca', $names));
        self::assertSame(['kind' => 'gift', 'value' => 0], (new DiscountCell())->read('A gift', $names));
        self::assertSame('a gift', (new DiscountCell())->write(['kind' => 'gift', 'value' => 0], $names));
        foreach ([[$percent, '100.01%'], [$percent, 'some'], [new CountryCell(), 'US CA'], [new CountryCell(), 'QQ']] as [$cell, $typed]) {
            try {
                $cell->read($typed, $names);
                self::fail("$typed was read");
            } catch (UnreadableCell $e) {
                self::assertNotSame('', $e->getMessage());
            }
        }
    }

    /** @param list<GoodsLine> $lines */
    private static function totals(array $lines, ?Promotion $promotion, TaxRates $rates): Totals
    {
        return Totals::of($lines, $promotion, self::now(), new Delivery(650), $rates);
    }

    private static function now(): \DateTimeImmutable
    {
        return new \DateTimeImmutable('2026-11-30T12:00:00Z');
    }
}
