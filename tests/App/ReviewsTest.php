<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Product;
use App\Models\Review;

/** What buyers wrote: kept in the Storeroom, shown on the page of the product. */
final class ReviewsTest extends AppTestCase
{
    private const PAGE = '/shop/wrenfold/product/heron-folding-lantern';
    private const AT = '/workbench/looks/1/storeroom';

    public function testTheLatestAreInSightAndTheOthersBehindThem(): void
    {
        $html = (string) $this->get(self::PAGE)->assertOk()->assertSee('What buyers wrote')->assertSee('2 more')->getContent();
        $at = array_map(static fn(string $name): int => (int) strpos($html, "<b>$name</b>"), ['Odile', 'Bram', 'Ines', 'Tamsin', 'Juho']);
        $sorted = $at;
        sort($sorted);
        self::assertSame($sorted, $at, 'the latest first');
        self::assertGreaterThan(0, $at[0]);
        self::assertGreaterThan((int) strpos($html, '2 more'), $at[3]);
        $this->get('/shop/wrenfold/product/mill-pond-teardrop')->assertDontSee('What buyers wrote');
    }

    public function testAPageBearsTheLatestOfVeryMany(): void
    {
        $product = Product::query()->where('slug', 'mill-pond-teardrop')->firstOrFail();
        foreach (range(1, Review::ON_PAGE + 5) as $n) {
            Review::query()->create([
                'product_id' => $product->id, 'name' => "Buyer $n.", 'stars' => 5, 'words' => 'Warm.',
                'written_on' => now()->subDays($n)->toDateString(),
            ]);
        }
        $this->get('/shop/wrenfold/product/mill-pond-teardrop')->assertOk()->assertSee('Buyer 1.')->assertSee('97 more')
            ->assertSee('Buyer 100.')->assertDontSee('Buyer 101.');
    }

    public function testOneIsWrittenHiddenAndTakenAway(): void
    {
        $this->actingAs($this->person('maren'));
        $this->post(self::AT.'/new', ['open_kind' => 'reviews', 'new' => [
            'product_id' => 'Mill pond teardrop', 'stars' => '4', 'name' => 'Sanne <b>', 'words' => "Warm.\n<script>alert(1)</script>",
            'written_on' => '2026-11-30',
        ]])->assertOk();
        $review = Review::query()->where('name', 'Sanne <b>')->firstOrFail();
        $page = '/shop/wrenfold/product/mill-pond-teardrop';
        $this->get($page)->assertSee('Sanne &lt;b&gt;', false)->assertSee('&lt;script&gt;alert(1)', false)->assertSee('November 30, 2026');
        $cell = ['open_kind' => 'reviews', 'record' => $review->id];
        $this->post(self::AT.'/cells', [...$cell, 'column' => 'stars', 'value' => '9'])->assertStatus(422);
        $this->post(self::AT.'/cells', [...$cell, 'column' => 'shows', 'value' => 'no'])->assertOk();
        $this->get($page)->assertDontSee('Sanne');
        $this->post(self::AT.'/delete', ['open_kind' => 'reviews', 'ids' => (string) $review->id])->assertOk();
        $this->post(self::AT.'/undo')->assertOk();
        self::assertTrue(Review::query()->whereKey($review->id)->exists());
    }

    /** A product that comes back finds what was written of it. */
    public function testAProductThatIsGoneTakesItsReviewsWithIt(): void
    {
        $this->actingAs($this->person('maren'));
        $product = Product::query()->where('slug', 'heron-folding-lantern')->firstOrFail();
        $this->post(self::AT.'/delete', ['open_kind' => 'goods', 'ids' => (string) $product->id])->assertOk();
        $this->get(self::PAGE)->assertNotFound();
        $this->get(self::AT.'?open_kind=reviews')->assertOk()->assertSee('Odile');
        $this->post(self::AT.'/undo')->assertOk();
        $this->get(self::PAGE)->assertOk()->assertSee('Odile');
    }
}
