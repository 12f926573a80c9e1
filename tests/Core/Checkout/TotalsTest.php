<?php

declare(strict_types=1);

namespace Tests\Core\Checkout;

use Eris\Generators;
use Eris\TestTrait;
use Ikat\Core\Checkout\Promotion;
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
            $percent,
            $value,
            $minimum,
            $from === null ? null : new \DateTimeImmutable($from),
            $to === null ? null : new \DateTimeImmutable($to),
        );
    }

    public function testToTheCent(): void
    {
        // 3 x 19.99 + 0.35 = 60.32; 10% is 6.032, half a cent up: 6.03; 54.29 is under 60, so delivery costs.
        $totals = Totals::of([[1999, 3], [35, 1]], self::code(true, 10), self::now(), 650, 6000);
        self::assertSame([6032, 603, 650, 6079], [$totals->goods, $totals->off, $totals->delivery, $totals->total]);
    }

    public function testDeliveryIsFreeFromItsThresholdAfterPromotion(): void
    {
        self::assertSame(0, Totals::of([[6000, 1]], null, self::now(), 650, 6000)->delivery);
        self::assertSame(650, Totals::of([[5999, 1]], null, self::now(), 650, 6000)->delivery);
        self::assertSame(650, Totals::of([[6000, 1]], self::code(false, 1), self::now(), 650, 6000)->delivery);
        self::assertSame(0, Totals::of([], null, self::now(), 650, null)->total);
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
        self::assertSame(0, Totals::of([[2000, 1]], self::code(true, 10, 0, '2027-01-01'), self::now(), null, null)->off);
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
                $totals = Totals::of($lines, self::code($percent, $value), self::now(), $delivery, null);
                self::assertSame($totals->goods - $totals->off + $totals->delivery, $totals->total);
                self::assertGreaterThanOrEqual(0, $totals->total);
                self::assertLessThanOrEqual($totals->goods, $totals->off);
            });
    }
}
