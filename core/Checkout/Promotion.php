<?php

declare(strict_types=1);

namespace Ikat\Core\Checkout;

/** A promotion code's terms. */
final readonly class Promotion
{
    /**
     * @param int $value percent 0..100, or cents; 0 for free delivery and a gift
     * @param int $minimum cents of the goods it is meant for
     * @param ?\DateTimeImmutable $startsAt the first moment it counts
     * @param ?\DateTimeImmutable $endsAt the first moment it no longer counts
     * @param ?int $left how often it can still be used; null for as often as wanted
     */
    public function __construct(
        public string $code,
        public PromotionKind $kind,
        public int $value,
        public int $minimum,
        public ?\DateTimeImmutable $startsAt,
        public ?\DateTimeImmutable $endsAt,
        public ?int $left = null,
    ) {}

    /**
     * Why it does not count at a moment, or null when it does.
     *
     * @param int $meant cents of the goods it is meant for
     * @param bool $hasMeant whether there are any
     */
    public function refusal(\DateTimeImmutable $moment, int $meant, bool $hasMeant = true): ?PromotionRefusal
    {
        return match (true) {
            $this->startsAt !== null && $moment < $this->startsAt => PromotionRefusal::NotYet,
            $this->endsAt !== null && $moment >= $this->endsAt => PromotionRefusal::Over,
            $this->left !== null && $this->left <= 0 => PromotionRefusal::UsedUp,
            ! $hasMeant => PromotionRefusal::NotOnThese,
            $meant < $this->minimum => PromotionRefusal::TooLittle,
            default => null,
        };
    }

    /** @return int cents off, never more than the goods it is meant for; half a cent is rounded up */
    public function off(int $meant): int
    {
        return match ($this->kind) {
            PromotionKind::Percent => intdiv($meant * $this->value + 50, 100),
            PromotionKind::Amount => min($meant, $this->value),
            PromotionKind::Delivery, PromotionKind::Gift => 0,
        };
    }
}
