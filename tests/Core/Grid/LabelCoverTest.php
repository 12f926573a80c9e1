<?php

declare(strict_types=1);

namespace Tests\Core\Grid;

use Ikat\Core\Check\LineBreaks;
use Ikat\Core\Grid\CardPicture;
use Ikat\Core\Grid\CardPictures;
use Ikat\Core\Grid\CategoryParts;
use Ikat\Core\Grid\FramedPicture;
use Ikat\Core\Grid\LabelCover;
use Ikat\Core\Grid\LabelFacts;
use Ikat\Core\Grid\LabelRules;
use Ikat\Core\Grid\ShelfPage;
use Ikat\Core\Image\FoundObject;
use Ikat\Core\Reach\MatchedPage;
use Ikat\Core\Reach\Stylesheet;
use Ikat\Core\Store\Price;
use PHPUnit\Framework\TestCase;
use Tests\Core\Fixtures;

/** By hand: labels 30 px tall and, as no font measures them, as wide as their sides of 40 px. */
final class LabelCoverTest extends TestCase
{
    private const CSS = 'body { font-size: 16px; line-height: 1.5; } .labels { inset: 10px; gap: 6px; }'
        .' .label { padding: 3px 20px; font-size: 16px; line-height: 1.5; }';
    private const PAGE = '<body><main><ul class="grid"><li class="card"><div class="card-picture"><p class="labels">'
        .'<span class="label">A</span></p></div></li></ul></main></body>';

    /** @param array<string, float|string|bool> $own */
    private static function page(array $own = []): ShelfPage
    {
        return new ShelfPage(
            CategoryParts::of(MatchedPage::of(Stylesheet::parse(self::CSS), self::PAGE)),
            Fixtures::look($own),
            new LineBreaks(null),
            [],
            390,
        );
    }

    private static function facts(?string $own, ?int $stock = 5, ?int $reduced = null): LabelFacts
    {
        [$added, $today] = [new \DateTimeImmutable('2020-01-01'), new \DateTimeImmutable('2026-12-01')];

        return new LabelFacts($stock, new Price(4000, $reduced), $added, $own, $today);
    }

    public function testLabelsStandInTheirCornerInLines(): void
    {
        $page = self::page();
        self::assertSame([[10.0, 10.0, 40.0, 30.0], [56.0, 10.0, 40.0, 30.0]], $page->labels(['A', 'B'], 170, 170, 'start', 'top'));
        self::assertSame([[74.0, 130.0, 40.0, 30.0], [120.0, 130.0, 40.0, 30.0]], $page->labels(['A', 'B'], 170, 170, 'end', 'bottom'));
        // In a narrow picture one stands below the other.
        self::assertSame([[10.0, 64.0, 40.0, 30.0], [10.0, 100.0, 40.0, 30.0]], $page->labels(['A', 'B'], 90, 140, 'start', 'bottom'));
    }

    public function testAThingIsHiddenWhereALabelStandsOnIt(): void
    {
        $look = Fixtures::look(['card.proportion' => 1.0, 'grid.columns.phone' => 2.0]);
        // In the upper left quarter, in the middle of the right half, and without a label.
        $pictures = new CardPictures(array_map(
            static fn(int $n, FoundObject $thing, ?string $own): CardPicture => new CardPicture(
                $n,
                "P$n",
                '',
                500,
                500,
                new FramedPicture(1.0, $thing),
                self::facts($own),
            ),
            [1, 2, 3],
            [new FoundObject(0.0, 0.0, 0.5, 0.5), new FoundObject(0.5, 0.4, 1.0, 0.6), new FoundObject(0.0, 0.0, 1.0, 1.0)],
            ['Ours', 'Ours', null],
        ));
        $cover = new LabelCover($pictures, $look, self::page(['card.proportion' => 1.0]));
        self::assertSame(2, $cover->labelled());
        self::assertSame([0], array_keys($cover->hidden('start', 'top')));
        // 40 by 30 px of a quarter of a picture 170.84 px wide.
        self::assertEqualsWithDelta(1200 / 85.4 ** 2, $cover->hidden('start', 'top')[0], 0.01);
        self::assertSame([], $cover->hidden('end', 'bottom'));
    }

    public function testLabelsAreThoseOfTheRules(): void
    {
        $rules = new LabelRules('percent', 45, 5, 2);
        self::assertSame(['Sold out', 'Save 25%'], self::facts('Ours', 0, 3000)->words($rules));
        self::assertSame(['Only 5 left', 'Ours'], self::facts('Ours')->words($rules));
        self::assertSame(['Save 10.00'], self::facts(null, null, 3000)->words(new LabelRules('amount')));
    }
}
