<?php

declare(strict_types=1);

namespace Tests\Core\ProductPage;

use Ikat\Core\Check\FarFromBuying;
use Ikat\Core\Check\Inspection;
use Ikat\Core\Check\LineBreaks;
use Ikat\Core\Compile\CompiledLook;
use Ikat\Core\ProductPage\ProductBlocks;
use Ikat\Core\ProductPage\ProductPage;
use Ikat\Core\ProductPage\ProductParts;
use Ikat\Core\ProductPage\ShownProduct;
use Ikat\Core\ProductPage\ShownProducts;
use Ikat\Core\Reach\MatchedPage;
use Ikat\Core\Reach\Stylesheet;
use PHPUnit\Framework\TestCase;
use Tests\Core\Fixtures;

/** Blocks by hand, of a page whose every text takes one line. In Chromium, with real fonts: ProductPagesInChromiumTest. */
final class ProductPageTest extends TestCase
{
    private const CSS = 'body { font-size: 16px; line-height: 1.5; } .trail { padding-block: 16px 10px; }'
        .' .product { grid-template-columns: minmax(0, var(--product-proportion)) minmax(0, 1fr); gap: 24px 56px; }'
        .' .product { padding-block: 20px 40px; }'
        .' .product-pictures { gap: 12px; padding-bottom: 10px; } .product-side { gap: 16px; } h1 { font-size: 40px; line-height: 1.1; }'
        .' .buy { gap: 12px; } .field { gap: 5px; width: 92px; } .input { min-height: 46px; }'
        .' .button { min-height: 44px; padding: 4px 12px; } .facts { gap: 8px 20px; padding-top: 16px; border-top: 1px solid; }'
        .' .at-foot { position: static; }'
        .' @media (max-width: 759px) { .product { grid-template-columns: minmax(0, 1fr); } .at-foot { position: fixed; } }';
    private const PAGE = '<body><main><nav class="trail"></nav><article class="product"><div class="product-gallery">'
        .'<div class="product-pictures"><div class="product-picture"></div></div></div>'
        .'<div class="product-side"><h1>A</h1><div class="product-price"><p>1</p></div>'
        .'<form class="buy"><div class="field"><label>n</label><input class="input"></div>'
        .'<div class="buy-end %s"><button class="button">Add</button></div></form><dl class="facts"><dt>a</dt><dd>b</dd></dl></div>'
        .'</article></main></body>';

    /**
     * @param array{int, int} $screen
     * @param array<string, bool|float|string> $changes
     */
    private static function page(array $screen, array $changes = [], string $foot = ''): ProductPage
    {
        return new ProductPage(self::parts($foot), Fixtures::look($changes), new LineBreaks(null), [], $screen);
    }

    private static function parts(string $foot): ProductParts
    {
        return ProductParts::of(MatchedPage::of(Stylesheet::parse(self::CSS), sprintf(self::PAGE, $foot)));
    }

    /**
     * @param list<float> $pictures
     * @param array<string, string> $facts
     */
    private static function product(array $pictures = [1.0], array $facts = [], bool $isThere = true): ShownProduct
    {
        $says = ['add' => 'Add', 'now' => 'Now', 'sent' => 'Sent', 'gone-words' => 'Gone'];

        return new ShownProduct('A', '', ['Home'], [], false, '$1', '', $isThere, [], $facts, [], [], [], $pictures, [], [], '', $says);
    }

    public function testDetailsStandBesideThePicturesAndBelowThemOnAPhone(): void
    {
        // 50 of the trail, 20 above the product. Pictures take half of 1,000 px, details what is left beside 56.
        $changes = ['product.proportion' => 50.0, 'product.pictures' => 'stacked'];
        $page = self::page([1280, 800], $changes)->stand(self::product([1.0, 2.0], ['a' => 'b']), 100.0, 1000.0, 0.0);
        self::assertTrue($page->isBeside);
        self::assertSame([500.0, 500.0 + 12 + 250], [$page->gallery['width'], $page->gallery['height']]);
        self::assertSame([556.0, 170.0, 444.0, 44.0], array_values($page->head));
        // 24 of the price, 24 + 5 + 46 of field and button, a line and 17 over it of facts; 16 between all.
        self::assertSame([230.0, 24.0], [$page->blocks['price']['y'], $page->blocks['price']['height']]);
        self::assertSame([270.0, 75.0], [$page->blocks['buy']['y'], $page->blocks['buy']['height']]);
        self::assertSame([361.0, 41.0], [$page->blocks['facts']['y'], $page->blocks['facts']['height']]);
        self::assertSame(345.0, $page->button);
        self::assertEqualsWithDelta(345 / 800, $page->screensToBuy(), 1e-9);
        $phone = self::page([390, 844], $changes)->stand(self::product([1.0]), 100.0, 350.0, 0.0);
        self::assertFalse($phone->isBeside);
        self::assertSame(170.0 + 350 + 24 + 44 + 16 + 24 + 16 + 75, $phone->button);
    }

    public function testPicturesStandInAStripOrTwoToARow(): void
    {
        $strip = self::page([390, 844], ['product.pictures' => 'strip', 'product.thumbs' => 'none']);
        $page = $strip->stand(self::product([1.0, 2.0]), 0.0, 350.0, 0.0);
        self::assertEqualsWithDelta([308.0, 318.0], [$page->pictures[0]['height'], $page->gallery['height']], 1e-9);
        self::assertEqualsWithDelta(320.0, $page->pictures[1]['x'], 1e-9);
        // One alone is as wide as there is room.
        self::assertSame(350.0, $strip->stand(self::product([1.0]), 0.0, 350.0, 0.0)->gallery['height']);
        $beside = self::page([390, 844], ['product.pictures' => 'beside'])->stand(self::product([1.0, 2.0, 1.0]), 0.0, 350.0, 0.0);
        self::assertSame([169.0, 84.5], array_column(array_slice($beside->pictures, 0, 2), 'height'));
        self::assertSame(350.0, $beside->gallery['height']);
        self::assertSame(300.0, $strip->stand(self::product([]), 0.0, 350.0, 0.0)->gallery['height']);
    }

    public function testAButtonThatStaysIsAlwaysInSightAndWhatIsSoldOutHasNone(): void
    {
        $page = self::page([390, 844], [], 'at-foot')->stand(self::product(), 0.0, 350.0, 0.0);
        self::assertTrue($page->buttonStays);
        self::assertSame(0.0, $page->screensToBuy());
        $alone = self::page([390, 844], ['product.quantity' => false], 'at-foot')->stand(self::product(), 0.0, 350.0, 0.0);
        self::assertSame([0.0, false], [$alone->screensToBuy(), isset($alone->blocks['buy'])]);
        self::assertNull(self::page([390, 844])->stand(self::product(isThere: false), 0.0, 350.0, 0.0)->screensToBuy());
    }

    public function testWhatComesAfterTheColumnStandsAcrossThePage(): void
    {
        $order = 'buy,others,price,under,facts';
        self::assertSame(['buy', 'price'], ProductBlocks::of($order)->beside);
        // An order from before there was more of them: what it does not name comes last, and nothing unknown.
        self::assertSame(['others', 'facts', 'rating', 'save', 'words', 'delivery', 'reviews'], ProductBlocks::of($order)->across);
        self::assertEquals(ProductBlocks::of(''), ProductBlocks::of('rating,unknown'));
        $order = 'price,buy,rating,save,words,delivery,under,facts,reviews,others';
        $page = self::page([1280, 800], ['product.order' => $order, 'product.proportion' => 50.0])
            ->stand(self::product([1.0], ['a' => 'b']), 0.0, 1000.0, 0.0);
        // Below the pictures, which are taller than the details, with 40 px between.
        self::assertSame([0.0, 1000.0], [$page->blocks['facts']['x'], $page->blocks['facts']['width']]);
        self::assertSame(70.0 + 500 + 40, $page->blocks['facts']['y']);
    }

    public function testAProductThatIsBoughtAfterManyScreensIsAFindingWithAWayOut(): void
    {
        $found = static fn(ShownProduct $product, string $foot = ''): array => iterator_to_array((new FarFromBuying())->run(
            (new Inspection(Fixtures::look(['product.pictures' => 'stacked']), Fixtures::theme(), [
                ProductParts::class => static fn(): ProductParts => self::parts($foot),
            ]))->with(
                new ShownProducts(['a' => $product, 'b' => self::product()]),
                new LineBreaks(null),
                new CompiledLook('', '', [], [], ''),
            ),
        ), false);
        self::assertSame([], $found(self::product([1.0, 1.0])));
        $far = $found(self::product(array_fill(0, 8, 1.0)));
        self::assertCount(1, $far);
        $said = $far[0]->inWords(new Inspection(Fixtures::look(), Fixtures::theme()));
        self::assertMatchesRegularExpression('/^On a phone “A” can be bought only after \d\.\d screens$/', $said);
        self::assertSame([], $found(self::product(array_fill(0, 8, 1.0)), 'at-foot'));
    }
}
