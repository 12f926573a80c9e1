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
     * @param list<array{int, int, bool}> $lines [cents each, quantity, whether the promotion is meant for it]
     * @param ?int $deliveryPrice cents; null when no offer is chosen yet
     * @param ?int $freeFrom cents of goods after promotion from which delivery costs nothing
     */
    public static function of(array $lines, ?Promotion $promotion, \DateTimeImmutable $moment, ?int $deliveryPrice, ?int $freeFrom): self
    {
        [$goods, $meant, $hasMeant] = [0, 0, $lines === []];
        foreach ($lines as [$cents, $quantity, $isMeant]) {
            $goods += $cents * $quantity;
            $meant += $isMeant ? $cents * $quantity : 0;
            $hasMeant = $hasMeant || $isMeant;
        }
        $refusal = $promotion?->refusal($moment, $meant, $hasMeant);
        $counts = $promotion !== null && $refusal === null;
        $off = $counts ? $promotion->off($meant) : 0;
        $delivery = $deliveryPrice ?? 0;
        if ($goods === 0 || $freeFrom !== null && $goods - $off >= $freeFrom || $counts && $promotion->kind === PromotionKind::Delivery) {
            $delivery = 0;
        }

        return new self($goods, $off, $delivery, $goods - $off + $delivery, $refusal);
    }
}
