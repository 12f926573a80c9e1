<?php

declare(strict_types=1);

namespace Ikat\Core\Promise;

use Ikat\Core\Check\Inspection;
use Ikat\Core\Check\Measurement;
use Ikat\Core\Checkout\Promotion;
use Ikat\Core\Season\LocalMoment;

/** What a store really offers. Sums are in hundredths of the currency. */
final readonly class Offers implements Measurement
{
    /**
     * @param array<int, Promotion> $codes by row
     * @param array<int, array{name: string, price: int, freeFrom: ?int, isCollected: bool}> $deliveries by row
     * @param array<int, array{from: ?\DateTimeImmutable, until: ?\DateTimeImmutable, percent: float}> $reductions of goods, now
     *     or later
     * @param \DateTimeImmutable $moment at which it is asked
     * @param array<string, string> $pages address of each content page => what it says
     */
    public function __construct(
        public array $codes,
        public array $deliveries,
        public array $reductions,
        public \DateTimeImmutable $moment,
        public \DateTimeZone $zone,
        public string $currency = 'USD',
        public array $pages = [],
    ) {}

    /** A store that offers nothing: whoever inspects supplies the real one. */
    public static function measure(Inspection $inspection): self
    {
        return new self([], [], [], LocalMoment::at('1970-01-01T00:00', new \DateTimeZone('UTC')), new \DateTimeZone('UTC'));
    }

    /** The same, asked at another moment. */
    public function at(\DateTimeImmutable $moment): self
    {
        return new self($this->codes, $this->deliveries, $this->reductions, $moment, $this->zone, $this->currency, $this->pages);
    }
}
