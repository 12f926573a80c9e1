<?php

declare(strict_types=1);

namespace Ikat\Core\Checkout;

/**
 * What a country takes of a sale. Tax is reckoned of the sum of each class, not of each piece, and half a cent is rounded up (common
 * practice, no source). Delivery is taxed at the normal rate (the same).
 */
final readonly class TaxRates
{
    public const NORMAL = 'normal';
    public const REDUCED = 'reduced';

    private const WHOLE = 10_000;

    /**
     * @param int $normal hundredths of a percent, 0..10000
     * @param int $reduced hundredths of a percent, of goods of the reduced class
     * @param bool $isWithin whether prices have it in them already; else it comes on top
     */
    public function __construct(public int $normal = 0, public int $reduced = 0, public bool $isWithin = false) {}

    /** @param string $class what is neither normal nor reduced is not taxed */
    public function of(string $class): int
    {
        return match ($class) {
            self::NORMAL => $this->normal,
            self::REDUCED => $this->reduced,
            default => 0,
        };
    }

    /**
     * @param array<string, int> $sums cents by class, after what was taken off
     *
     * @return int cents
     */
    public function tax(array $sums): int
    {
        $tax = 0;
        foreach ($sums as $class => $cents) {
            $rate = $this->of($class);
            $of = $this->isWithin ? self::WHOLE + $rate : self::WHOLE;
            $tax += intdiv(2 * $cents * $rate + $of, 2 * $of);
        }

        return $tax;
    }
}
