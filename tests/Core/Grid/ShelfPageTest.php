<?php

declare(strict_types=1);

namespace Tests\Core\Grid;

use Ikat\Core\Check\LineBreaks;
use Ikat\Core\Grid\CategoryParts;
use Ikat\Core\Grid\ShelfGoods;
use Ikat\Core\Grid\ShelfHead;
use Ikat\Core\Grid\ShelfLook;
use Ikat\Core\Grid\ShelfPage;
use Ikat\Core\Grid\ShelfSolver;
use Ikat\Core\Reach\MatchedPage;
use Ikat\Core\Reach\Stylesheet;
use PHPUnit\Framework\TestCase;
use Tests\Core\Fixtures;

/** Heights by hand, of a page whose every text takes one line. In Chromium, with real fonts: products.test.mjs. */
final class ShelfPageTest extends TestCase
{
    private const CSS = 'body { font-size: 16px; line-height: 1.5; }'
        .' .trail { padding-block: 16px 10px; gap: 4px 10px; font-size: 10px; line-height: 2; }'
        .' h1 { font-size: 40px; line-height: 1.1; } .soft { margin-top: 6px; } .category-grid { padding-block: 16px 40px; }'
        .' .card { padding: 8px; border: 1px solid; } .card-picture { aspect-ratio: 2 / 1; }'
        .' .card-name { font-size: 20px; line-height: 1.2; margin-top: 12px; } .small { font-size: 14px; } .card-price { margin-top: 3px; }'
        .' .card-button { margin-top: 10px; } .quiet-button { min-height: 44px; padding: 4px 12px; }'
        .' @media (max-width: 759px) { .card-price { display: none; } }';
    private const PAGE = '<body><main><div class="frame"><nav class="trail"></nav><h1>Candles</h1><p class="soft">Words</p>'
        .'<ul class="category-grid"><li class="card"><div class="card-picture"></div><h3 class="card-name">A</h3>'
        .'<p class="soft small">n</p>'
        .'<p class="card-price">1</p><p class="card-button"><a class="quiet-button">Buy</a></p></li></ul></div></main></body>';

    private static function page(float $screen): ShelfPage
    {
        return new ShelfPage(
            CategoryParts::of(MatchedPage::of(Stylesheet::parse(self::CSS), self::PAGE)),
            Fixtures::look(['card.proportion' => 2.0]),
            new LineBreaks(null),
            [],
            $screen,
        );
    }

    public function testACardIsTheSumOfWhatItShows(): void
    {
        $page = self::page(1280);
        // Twice 9 px around, a picture half as tall as the 182 px within, 12 + 24 for the name, 6 + 21 for the note, 3 + 24 for the price.
        self::assertEqualsWithDelta(18 + 91 + 36 + 27 + 27, $page->card(new ShelfGoods('A', 'n', false, false), 200, 91), 1e-9);
        self::assertEqualsWithDelta(18 + 91 + 36 + 27, $page->card(new ShelfGoods('A', '', false, false), 200, 91), 1e-9);
        $bought = new ShelfGoods('A', '', false, true, button: 'Buy');
        self::assertEqualsWithDelta(10 + 44, $page->card($bought, 200, 91) - (18 + 91 + 36 + 27), 3.0);
        // What a phone does not show takes no room.
        self::assertEqualsWithDelta(18 + 91 + 36, self::page(390)->card(new ShelfGoods('A', '', true, false), 200, 91), 1e-9);
    }

    public function testAShelfSaysWhatItsFirstScreenShowsAndWhereItEnds(): void
    {
        $form = (new ShelfSolver(new ShelfLook(['phone' => 1, 'tablet' => 2, 'desktop' => 2], 24, 1168, 0, 24, 'leave')))->at(1280);
        $head = new ShelfHead('Candles', 'Words', ['Home', 'Candles'], [], [], [], '', '', null);
        $goods = array_fill(0, 3, new ShelfGoods('A', '', false, false));
        $shelf = self::page(1280)->shelf(100, $head, $goods, $form, 800);
        // Two rows of cards 572 px wide: pictures of 277 px, 9 px around, 36 for the name, 27 for the price; 32.4 px between.
        $row = 18 + 277 + 36 + 27;
        self::assertSame([236.0, 3, [1, 1, 1]], [$shelf->begins, count($shelf->cards), array_column($shelf->cards, 'lines')]);
        self::assertEqualsWithDelta(236 + 2 * $row + 32.4, $shelf->ends, 1e-9);
        self::assertEqualsWithDelta($shelf->ends / 800, $shelf->screens(), 1e-9);
        self::assertSame(2, $shelf->seen, 'the second row begins at 626 px, and its picture ends below the screen');
        self::assertSame(3, self::page(1280)->shelf(100, $head, $goods, $form, 910)->seen);
        $none = self::page(1280)->shelf(100, $head, [], $form, 800);
        self::assertSame([236.0, 0], [$none->ends, $none->seen]);
    }

    public function testWhatACategoryDoesNotHaveIsFoundOnThePageOfAnother(): void
    {
        $sheet = Stylesheet::parse(self::CSS.' .within { padding: 12px 0 0; gap: 8px; } .sorting .quiet-button { min-height: 30px; }');
        $other = '<body><main><h1>Other</h1><ul class="within"><li></li></ul></main></body>';
        $parts = CategoryParts::of(MatchedPage::of($sheet, self::PAGE), MatchedPage::of($sheet, $other));
        self::assertSame('12px 0 0', $parts->on('within', 1280)['padding'] ?? null);
        self::assertSame('40px', $parts->on('h1', 1280)['font-size'] ?? null);
        self::assertNull($parts->on('sorting', 1280));
    }

    public function testTheHeadIsWhatStandsOverTheShelf(): void
    {
        $head = new ShelfHead('Candles', 'Words', ['Home', 'Candles'], [], [], [], '', '', null);
        $form = (new ShelfSolver(new ShelfLook(['phone' => 1, 'tablet' => 2, 'desktop' => 2], 24, 1168, 0, 24, 'leave')))->at(1280);
        // 26 + 20 for the way to it, 44 for its name, 6 + 24 for its words, 16 over the shelf.
        self::assertEqualsWithDelta(46 + 44 + 30 + 16, self::page(1280)->head($head, $form), 1e-9);
    }
}
