<?php

declare(strict_types=1);

namespace Ikat\Core\Checkout;

/** What an order comes to. All amounts are whole cents, and total = goods - off + delivery. */
final readonly class Totals
{
    private function __construct(
        public int $goods,
        public int $off,
        public int $delivery,
        public int $total,
        public ?PromotionRefusal $refusal,
    ) {}

    /**
     * @param list<array{int, int}> $lines [cents each, quantity]
     * @param ?int $deliveryPrice cents; null when no offer is chosen yet
     * @param ?int $freeFrom cents of goods after promotion from which delivery costs nothing
     */
    public static function of(array $lines, ?Promotion $promotion, \DateTimeImmutable $moment, ?int $deliveryPrice, ?int $freeFrom): self
    {
        $goods = array_sum(array_map(static fn(array $line): int => $line[0] * $line[1], $lines));
        $refusal = $promotion?->refusal($moment, $goods);
        $off = $promotion !== null && $refusal === null ? $promotion->off($goods) : 0;
        $delivery = $deliveryPrice ?? 0;
        if ($goods === 0 || $freeFrom !== null && $goods - $off >= $freeFrom) {
            $delivery = 0;
        }

        return new self($goods, $off, $delivery, $goods - $off + $delivery, $refusal);
    }
}
