<?php

declare(strict_types=1);

namespace Ikat\Core\Checkout;

/**
 * What an order comes to. All amounts are whole cents, and total = goods - off + delivery, and the tax where it comes on top.
 */
final readonly class Totals
{
    private function __construct(
        public int $goods,
        public int $off,
        public int $delivery,
        public int $tax,
        public bool $isTaxWithin,
        public int $total,
        public ?PromotionRefusal $refusal,
        public bool $isGiftGiven,
    ) {}

    /**
     * @param list<GoodsLine> $lines
     * @param ?Delivery $sent null when none is chosen yet
     */
    public static function of(
        array $lines,
        ?Promotion $promotion,
        \DateTimeImmutable $moment,
        ?Delivery $sent,
        TaxRates $rates = new TaxRates(),
    ): self {
        $goods = self::sum($lines);
        $meantLines = array_values(array_filter($lines, static fn(GoodsLine $l): bool => $l->isMeant));
        $meant = self::sum($meantLines);
        $refusal = $promotion?->refusal($moment, $meant, $lines === [] || $meantLines !== []);
        $counts = $promotion !== null && $refusal === null;
        $off = $counts ? $promotion->off($meant) : 0;
        $delivery = $sent->price ?? 0;
        $isFree = $sent?->freeFrom !== null && $goods - $off >= $sent->freeFrom;
        if ($goods === 0 || $isFree || $counts && $promotion->kind === PromotionKind::Delivery) {
            $delivery = 0;
        }
        $sums = self::byClass($lines, $meantLines, $off);
        $sums[TaxRates::NORMAL] = ($sums[TaxRates::NORMAL] ?? 0) + $delivery;
        $tax = $rates->tax($sums);
        $total = $goods - $off + $delivery + ($rates->isWithin ? 0 : $tax);

        return new self(
            $goods,
            $off,
            $delivery,
            $tax,
            $rates->isWithin,
            $total,
            $refusal,
            $counts && $promotion->kind === PromotionKind::Gift && $goods > 0,
        );
    }

    /** @return array{goods: int, off: int, delivery: int, tax: int, within: bool, total: int} as an order keeps it */
    public function kept(): array
    {
        return [
            'goods' => $this->goods, 'off' => $this->off, 'delivery' => $this->delivery, 'tax' => $this->tax,
            'within' => $this->isTaxWithin,
            'total' => $this->total,
        ];
    }

    /** @param list<GoodsLine> $lines */
    private static function sum(array $lines): int
    {
        return array_sum(array_map(static fn(GoodsLine $l): int => $l->sum(), $lines));
    }

    /**
     * What is paid for each class of goods: what is taken off is shared among the classes it is meant for as they stand to one another, and
     * the cents that are left over go where the most was cut away.
     *
     * @param list<GoodsLine> $lines
     * @param list<GoodsLine> $meant those of them that the promotion is meant for
     * @param int $off cents
     *
     * @return array<string, int> cents by class
     */
    private static function byClass(array $lines, array $meant, int $off): array
    {
        $sums = self::sums($lines);
        $shares = self::sums($meant);
        $whole = max(1, self::sum($meant));
        $left = $off;
        $cut = [];
        foreach ($shares as $class => $share) {
            $sums[$class] -= intdiv($off * $share, $whole);
            $left -= intdiv($off * $share, $whole);
            $cut[$class] = $off * $share % $whole;
        }
        arsort($cut);
        foreach (array_slice(array_keys($cut), 0, $left) as $class) {
            $sums[$class]--;
        }

        return $sums;
    }

    /**
     * @param list<GoodsLine> $lines
     *
     * @return array<string, int> cents by class
     */
    private static function sums(array $lines): array
    {
        $sums = [];
        foreach ($lines as $line) {
            $sums[$line->taxClass] = ($sums[$line->taxClass] ?? 0) + $line->sum();
        }

        return $sums;
    }
}
