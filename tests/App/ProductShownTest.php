<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\CartLine;
use App\Models\DeliveryOffer;
use App\Models\Product;
use App\Models\Release;
use Illuminate\Support\Facades\DB;

/** What a product's page shows beside its pictures and words, whatever the look or its release knows of. */
final class ProductShownTest extends AppTestCase
{
    private const HERON = '/product/heron-folding-lantern';

    /** @param array<string, mixed> $changes */
    private function shown(array $changes, string $path = self::HERON): string
    {
        $this->actingAs($this->person('maren'));
        if ($changes !== []) {
            $this->edit(['changes' => json_encode($changes, JSON_THROW_ON_ERROR)])->assertOk();
        }

        return (string) $this->get("/preview/{$this->look()->id}/now".self::SHOP.$path)->assertOk()->getContent();
    }

    /** @return list<string> names of the products beside */
    private static function others(string $page): array
    {
        $band = substr($page, (int) strpos($page, 'aria-labelledby="others"'));
        preg_match_all('~class="card-name[^"]*"><a href="[^"]*/product/([a-z0-9-]+)"~', $band, $m);

        return $m[1];
    }

    public function testAReleaseOfAnEarlierIkatSellsAsBefore(): void
    {
        $release = Release::query()->findOrFail($this->storefront()->live_release_id);
        $unknown = '/^(product\.(thumbs|zoom|stays|order|options|gone|quantity|saving|delivery|button\.(stays|form)|others\.(by|count))'
            .'|card\.(order|label\.(form|inset))|grid\.paging)$/';
        $known = array_filter($release->resolved, static fn(string $p): bool => preg_match($unknown, $p) !== 1, ARRAY_FILTER_USE_KEY);
        self::assertCount(count($release->resolved) - 17, $known);
        // A release is never changed: this is what an earlier Ikat wrote.
        DB::table('releases')->where('id', $release->id)->update(['resolved' => json_encode($known, JSON_THROW_ON_ERROR)]);
        $page = (string) $this->get(self::SHOP.self::HERON)->assertOk()->getContent();
        foreach (['class="buy', 'name="quantity"', 'class="said"', 'class="facts"', 'product-price'] as $part) {
            self::assertStringContainsString($part, $page);
        }
        self::assertStringNotContainsString('class="thumbs"', $page);
        self::assertStringNotContainsString('class="saving', $page);
        self::assertCount(4, self::others($page));
    }

    public function testHowItIsSentIsToldForTheCountryOfWhoLooks(): void
    {
        DeliveryOffer::query()->orderBy('position')->firstOrFail()->update(['countries' => ['CA']]);
        $first = DeliveryOffer::query()->orderBy('position')->firstOrFail()->name;
        $page = $this->shown([]);
        self::assertStringContainsString('class="sent"', $page);
        self::assertStringNotContainsString("<li>$first", $page);
        self::assertStringNotContainsString('class="sent"', $this->shown(['product.delivery' => false]));
    }

    public function testOthersFollowTheRuleAfterThoseChosenByHand(): void
    {
        $heron = Product::query()->where('slug', 'heron-folding-lantern')->sole();
        $alike = Product::query()->where('category_id', $heron->category_id)->whereKeyNot($heron->id);
        $nearest = (clone $alike)->get()->sortBy([
            static fn(Product $a, Product $b): int => abs($a->price - $heron->price) <=> abs($b->price - $heron->price),
            ['sold', 'desc'], ['id', 'asc'],
        ])->pluck('slug')->take(3)->all();
        self::assertSame(array_values($nearest), self::others($this->shown(['product.others.by' => 'price', 'product.others.count' => 3])));
        $hand = Product::query()->where('slug', 'chimney-brush')->sole();
        $heron->update(['related' => [$hand->id]]);
        $newest = (clone $alike)->orderByDesc('added_on')->orderByDesc('sold')->orderBy('id')->limit(2)->pluck('slug')->all();
        self::assertSame(['chimney-brush', ...$newest], self::others($this->shown(['product.others.by' => 'new'])));
        self::assertSame([], self::others($this->shown(['product.others' => false])));
    }

    public function testWithoutAFieldForHowManyOneIsBought(): void
    {
        self::assertStringNotContainsString('name="quantity"', $this->shown(['product.quantity' => false]));
        $this->send('/cart/add', ['product' => 'moth-paper-globe'])->assertRedirect();
        self::assertSame(1, CartLine::query()->latest('id')->firstOrFail()->quantity);
    }
}
