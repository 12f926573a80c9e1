<?php

declare(strict_types=1);

namespace Ikat\Core\Checkout;

/** A promotion code's terms. */
final readonly class Promotion
{
    /**
     * @param int $value percent 0..100, or cents
     * @param int $minimum cents of goods
     * @param ?\DateTimeImmutable $startsAt the first moment it counts
     * @param ?\DateTimeImmutable $endsAt the first moment it no longer counts
     */
    public function __construct(
        public string $code,
        public bool $isPercent,
        public int $value,
        public int $minimum,
        public ?\DateTimeImmutable $startsAt,
        public ?\DateTimeImmutable $endsAt,
    ) {}

    /** Why it does not count at a moment for goods of a sum, or null when it does. */
    public function refusal(\DateTimeImmutable $moment, int $goods): ?PromotionRefusal
    {
        return match (true) {
            $this->startsAt !== null && $moment < $this->startsAt => PromotionRefusal::NotYet,
            $this->endsAt !== null && $moment >= $this->endsAt => PromotionRefusal::Over,
            $goods < $this->minimum => PromotionRefusal::TooLittle,
            default => null,
        };
    }

    /** @return int cents off, never more than the goods; half a cent is rounded up */
    public function off(int $goods): int
    {
        return min($goods, $this->isPercent ? intdiv($goods * $this->value + 50, 100) : $this->value);
    }
}
