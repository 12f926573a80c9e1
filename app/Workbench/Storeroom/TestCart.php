<?php

declare(strict_types=1);

namespace App\Workbench\Storeroom;

use App\Models\DeliveryOffer;
use App\Models\PromotionCode;
use Ikat\Core\Checkout\Promotion;
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
    private function __construct(public ?Promotion $promotion, private Collection $offers, private \DateTimeImmutable $moment) {}

    public static function of(?PromotionCode $code, ?DeliveryOffer $offer): self
    {
        return new self(
            $code?->promotion(),
            $offer === null ? DeliveryOffer::query()->orderBy('position')->get() : new Collection([$offer]),
            now()->toImmutable(),
        );
    }

    /**
     * @param int $goods cents
     *
     * @return array<string, Totals> name of each delivery offer => what is paid
     */
    public function at(int $goods): array
    {
        $totals = [];
        foreach ($this->offers as $offer) {
            $totals[$offer->name] = $this->totals($goods, $offer);
        }

        return $totals === [] ? ['no delivery offer yet' => $this->totals($goods, null)] : $totals;
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
        return Totals::of([[$goods, 1, true]], $this->promotion, $this->moment, $offer?->price, $offer?->free_from);
    }
}
