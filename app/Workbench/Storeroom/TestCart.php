<?php

declare(strict_types=1);

namespace App\Workbench\Storeroom;

use App\Models\DeliveryOffer;
use App\Models\PromotionCode;
use App\Models\TaxRate;
use Ikat\Core\Checkout\GoodsLine;
use Ikat\Core\Checkout\Promotion;
use Ikat\Core\Checkout\PromotionRefusal;
use Ikat\Core\Checkout\TaxRates;
use Ikat\Core\Checkout\Totals;
use Illuminate\Database\Eloquent\Collection;

/** What a cart of goods for a sum comes to with a code or a delivery offer, reckoned as the shop reckons it. */
final readonly class TestCart
{
    /** Sums at which what is paid is reckoned for the drawing. */
    private const POINTS = 60;

    /** Cents: the least sum the drawing goes to. */
    private const LEAST = 10_000;

    /** @param Collection<int, DeliveryOffer> $offers */
    private function __construct(
        public ?Promotion $promotion,
        private Collection $offers,
        private \DateTimeImmutable $moment,
        private string $country,
        private TaxRates $rates,
        private int $grams,
    ) {}

    /**
     * @param string $country two letters of where it goes
     * @param int $grams of all of it
     */
    public static function of(?PromotionCode $code, ?DeliveryOffer $offer, string $country, int $grams): self
    {
        return new self(
            $code?->promotion(),
            $offer === null ? DeliveryOffer::query()->orderBy('position')->get() : new Collection([$offer]),
            now()->toImmutable(),
            $country,
            TaxRate::in($country),
            $grams,
        );
    }

    /**
     * @param int $goods cents
     *
     * @return array<string, ?Totals> name of each delivery offer => what is paid; null where it does not take it
     */
    public function at(int $goods): array
    {
        $totals = [];
        foreach ($this->offers as $offer) {
            $isTaken = $offer->terms()->takes($this->country, [new GoodsLine($goods, grams: $this->grams)]);
            $totals[$offer->name] = $isTaken ? $this->totals($goods, $offer) : null;
        }

        return $totals === [] ? ['no delivery offer yet' => $this->totals($goods, null)] : $totals;
    }

    /** Why the code does not count for goods of a sum; null where it does. */
    public function refusal(int $goods): ?PromotionRefusal
    {
        return $this->totals($goods, null)->refusal;
    }

    /** Cents: how far the drawing goes. */
    public function reach(): int
    {
        $marks = [
            self::LEAST,
            2 * ($this->promotion->minimum ?? 0),
            ...$this->offers->map(static fn(DeliveryOffer $o): int => 2 * (int) $o->free_from)->all(),
        ];

        return max($marks);
    }

    /** @return list<array{int, int}> goods and what is paid for them with delivery by the first offer, cents */
    public function line(): array
    {
        $offer = $this->offers->first();

        return array_map(function (int $i) use ($offer): array {
            $goods = intdiv($i * $this->reach(), self::POINTS);

            return [$goods, $this->totals($goods, $offer)->total];
        }, range(1, self::POINTS));
    }

    private function totals(int $goods, ?DeliveryOffer $offer): Totals
    {
        return Totals::of([new GoodsLine($goods)], $this->promotion, $this->moment, $offer?->terms(), $this->rates);
    }
}
