<?php

declare(strict_types=1);

namespace App\Storeroom;

use App\Models\DeliveryOffer;
use App\Models\Page;
use App\Models\Product;
use App\Models\PromotionCode;
use App\Models\Storefront;
use Ikat\Core\Promise\Language;
use Ikat\Core\Promise\Offers;
use Ikat\Core\Store\RecordKinds;
use Ikat\Core\Store\RichText;
use Illuminate\Support\Facades\Cache;

/** Reads of the store what it offers: codes, delivery, reduced goods, and what its pages say. */
final class OffersReader
{
    private const SECONDS = 86_400;

    /** Ways goods are reduced, and pages that may promise something, that are read at most: the largest and the first. */
    private const MOST = 200;

    /** What a page says that may be a promise: a share, a sum, a code, or something that costs nothing. */
    private const MAY_PROMISE = '[0-9] ?%|[$€£]|EUR|[A-Z]{3,}[0-9]|free|gratis|kostenlos|offert|gratuit';

    public function __construct(private readonly TouchedColumns $touched) {}

    public function of(Storefront $storefront, \DateTimeImmutable $moment): Offers
    {
        $exchange = $storefront->exchange();

        return new Offers(
            PromotionCode::query()->get()->mapWithKeys(fn(PromotionCode $c): array => [$c->id => $c->promotion($exchange)])->all(),
            DeliveryOffer::query()->get()->mapWithKeys(fn(DeliveryOffer $d): array => [$d->id => [
                'name' => $d->name, 'price' => $exchange->of($d->price),
                'freeFrom' => $d->free_from === null ? null : $exchange->of($d->free_from),
                'isCollected' => Language::saysCollected("$d->name $d->words"),
            ]])->all(),
            $this->reductions($storefront),
            $moment,
            new \DateTimeZone($storefront->store->time_zone),
            $storefront->sellsIn(),
            $this->pages($storefront),
        );
    }

    /** @return list<array{from: ?\DateTimeImmutable, until: ?\DateTimeImmutable, percent: float}> the most of each time they last */
    private function reductions(Storefront $storefront): array
    {
        $touched = $this->touched->last(RecordKinds::GOODS, ['price']);
        $utc = new \DateTimeZone('UTC');
        $moment = static fn(?string $at): ?\DateTimeImmutable => $at === null ? null : new \DateTimeImmutable($at, $utc);

        return array_map(
            static fn(array $r): array => ['from' => $moment($r[0]), 'until' => $moment($r[1]), 'percent' => $r[2]],
            Cache::remember("reductions $storefront->store_id $touched", self::SECONDS, static fn(): array => Product::query()
                ->whereNotNull('reduced')
                ->where('price', '>', 0)
                ->selectRaw('reduced_from, reduced_until, max(100 * (price - reduced) / price) as percent')
                ->groupBy('reduced_from', 'reduced_until')
                ->orderByDesc('percent')
                ->limit(self::MOST)
                ->toBase()
                ->get()
                ->map(static fn(object $r): array => [$r->reduced_from, $r->reduced_until, (float) $r->percent])
                ->all()),
        );
    }

    /** @return array<string, string> address => what it says */
    private function pages(Storefront $storefront): array
    {
        $touched = $this->touched->last(RecordKinds::PAGES, ['title', 'body']);

        return Cache::remember("promising $storefront->store_id $touched", self::SECONDS, static fn(): array => Page::query()
            ->whereRaw('body regexp ?', [self::MAY_PROMISE])
            ->orderBy('id')
            ->limit(self::MOST)
            ->get(['slug', 'body'])
            ->mapWithKeys(static fn(Page $p): array => ["/page/$p->slug" => RichText::plain($p->body)])
            ->all());
    }
}
