<?php

declare(strict_types=1);

namespace Tests\Core\Checkout;

use Eris\Generators;
use Eris\TestTrait;
use Ikat\Core\Checkout\Delivery;
use Ikat\Core\Checkout\GoodsLine;
use Ikat\Core\Checkout\Promotion;
use Ikat\Core\Checkout\PromotionKind;
use Ikat\Core\Checkout\PromotionRefusal;
use Ikat\Core\Checkout\Totals;
use PHPUnit\Framework\TestCase;

final class TotalsTest extends TestCase
{
    use TestTrait;

    private static function now(): \DateTimeImmutable
    {
        return new \DateTimeImmutable('2026-11-24T12:00:00Z');
    }

    private static function code(bool $percent, int $value, int $minimum = 0, ?string $from = null, ?string $to = null): Promotion
    {
        return new Promotion(
            'X',
            $percent ? PromotionKind::Percent : PromotionKind::Amount,
            $value,
            $minimum,
            $from === null ? null : new \DateTimeImmutable($from),
            $to === null ? null : new \DateTimeImmutable($to),
        );
    }

    public function testToTheCent(): void
    {
        // 3 x 19.99 + 0.35 = 60.32; 10% is 6.032, half a cent up: 6.03; 54.29 is under 60, so delivery costs.
        $totals = Totals::of([new GoodsLine(1999, 3), new GoodsLine(35)], self::code(true, 10), self::now(), new Delivery(650, 6000));
        self::assertSame([6032, 603, 650, 6079], [$totals->goods, $totals->off, $totals->delivery, $totals->total]);
    }

    public function testDeliveryIsFreeFromItsThresholdAfterPromotion(): void
    {
        self::assertSame(0, Totals::of([new GoodsLine(6000)], null, self::now(), new Delivery(650, 6000))->delivery);
        self::assertSame(650, Totals::of([new GoodsLine(5999)], null, self::now(), new Delivery(650, 6000))->delivery);
        self::assertSame(650, Totals::of([new GoodsLine(6000)], self::code(false, 1), self::now(), new Delivery(650, 6000))->delivery);
        self::assertSame(0, Totals::of([], null, self::now(), new Delivery(650))->total);
    }

    public function testACodeCountsFromItsFirstMomentToBeforeItsLast(): void
    {
        $code = self::code(true, 10, 1000, '2026-11-01T00:00:00Z', '2026-12-01T00:00:00Z');
        $at = static fn(string $t, int $goods = 2000): ?PromotionRefusal => $code->refusal(new \DateTimeImmutable($t), $goods);
        self::assertSame(PromotionRefusal::NotYet, $at('2026-10-31T23:59:59Z'));
        self::assertNull($at('2026-11-01T00:00:00Z'));
        self::assertNull($at('2026-11-30T23:59:59Z'));
        self::assertSame(PromotionRefusal::Over, $at('2026-12-01T00:00:00Z'));
        self::assertSame(PromotionRefusal::TooLittle, $at('2026-11-15T00:00:00Z', 999));
        self::assertSame(0, Totals::of([new GoodsLine(2000)], self::code(true, 10, 0, '2027-01-01'), self::now(), null)->off);
    }

    public function testACodeIsForSomeGoodsForSoManyOrdersOrForDelivery(): void
    {
        $code = static fn(PromotionKind $kind, int $value, int $minimum = 0, ?int $left = null): Promotion => new Promotion(
            'X',
            $kind,
            $value,
            $minimum,
            null,
            null,
            $left,
        );
        $lines = [new GoodsLine(2000), new GoodsLine(5000, isMeant: false)];
        $of = static fn(Promotion $p, array $lines): Totals => Totals::of($lines, $p, self::now(), new Delivery(650));
        // 10% of the 20.00 it is meant for.
        self::assertSame(
            [200, 7450],
            [$of($code(PromotionKind::Percent, 10), $lines)->off, $of($code(PromotionKind::Percent, 10), $lines)->total],
        );
        // No more off than what it is meant for costs, and a sum to be reached by that alone.
        self::assertSame(2000, $of($code(PromotionKind::Amount, 9000), $lines)->off);
        self::assertSame(PromotionRefusal::TooLittle, $of($code(PromotionKind::Amount, 500, 2001), $lines)->refusal);
        self::assertSame(
            PromotionRefusal::NotOnThese,
            $of($code(PromotionKind::Percent, 10), [new GoodsLine(5000, isMeant: false)])->refusal,
        );
        self::assertSame([0, 0, 7000], [
            $of($code(PromotionKind::Delivery, 0), $lines)->off,
            $of($code(PromotionKind::Delivery, 0), $lines)->delivery,
            $of($code(PromotionKind::Delivery, 0), $lines)->total,
        ]);
        self::assertNull($of($code(PromotionKind::Percent, 10, 0, 1), $lines)->refusal);
        self::assertSame(PromotionRefusal::UsedUp, $of($code(PromotionKind::Percent, 10, 0, 0), $lines)->refusal);
    }

    public function testLawsOfTotals(): void
    {
        $this->limitTo(200)->forAll(
            Generators::seq(Generators::tuple(Generators::choose(1, 50000), Generators::choose(1, 20))),
            Generators::choose(0, 100),
            Generators::choose(0, 5000),
            Generators::bool(),
        )
            ->then(static function (array $lines, int $value, int $delivery, bool $percent): void {
                $lines = array_map(static fn(array $line): GoodsLine => new GoodsLine($line[0], $line[1]), $lines);
                $totals = Totals::of($lines, self::code($percent, $value), self::now(), new Delivery($delivery));
                self::assertSame($totals->goods - $totals->off + $totals->delivery, $totals->total);
                self::assertGreaterThanOrEqual(0, $totals->total);
                self::assertLessThanOrEqual($totals->goods, $totals->off);
            });
    }
}
